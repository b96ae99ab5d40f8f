import { itemAt } from '@fern/core';
import type { ChartConfiguration, ScaleOptionsByType } from 'chart.js';
import type { Axis, Picture } from '@fern/core';
import { armStyle, colours } from '../look';
import { markAnnotations } from './markAnnotations';
import { markDatasets } from './markDatasets';
import { roomBeneath, roomForNames, wordsOnPicture } from './wordsOnPicture';
import { shorten, wrapName } from './wrapName';

const ROW = 58;
/** About the width of a letter, px. */
const LETTER = 8.5;

/**
 * How high a picture wants to be.
 * @param width of it, px
 * @returns px
 */
export function pictureHeight(picture: Picture, width: number): number {
  const rows = picture.y.names?.length;
  const body =
    rows === undefined
      ? Math.max(260, Math.min(430, Math.round(width * 0.46)))
      : 70 + rows * Math.max(ROW, Math.min(86, Math.round(300 / Math.max(1, rows))));
  return body + roomBeneath(picture);
}

/**
 * A picture as Chart.js draws it.
 * @param alone it leaves the page, so title, key and note stand in it
 */
export function pictureConfiguration(picture: Picture, alone = false): ChartConfiguration {
  const layers = markDatasets(picture);
  return {
    type: 'scatter',
    data: { datasets: layers.map(({ dataset }) => dataset) },
    options: {
      layout: { padding: { top: 8, left: alone ? 14 : 0, right: roomForNames(picture), bottom: roomBeneath(picture) } },
      scales: { x: scaleOf(picture.x, 'x'), y: scaleOf(picture.y, 'y') },
      plugins: {
        annotation: { annotations: markAnnotations(picture) },
        tooltip: {
          filter: ({ datasetIndex }) => itemAt(layers, datasetIndex).words.length > 0,
          callbacks: { label: ({ datasetIndex, dataIndex }) => itemAt(layers, datasetIndex).words[dataIndex] },
        },
        ...(alone ? words(picture) : {}),
      },
    },
    plugins: [wordsOnPicture(picture)],
  };
}

function scaleOf({ label, names, min, max, ticks }: Axis, axis: 'x' | 'y'): ScaleOptionsByType<'linear'> {
  const title = { display: label !== '', text: wrapName(label, axis === 'x' ? 90 : 36, 2), color: colours.ink };
  if (names) {
    return {
      type: 'linear',
      title,
      min: -0.6,
      max: names.length - 0.4,
      reverse: axis === 'y',
      grid: { display: false },
      border: { display: axis === 'x' },
      afterBuildTicks: (scale: { ticks: { value: number }[] }) => (scale.ticks = names.map((_, value) => ({ value }))),
      ticks: {
        autoSkip: false,
        color: colours.ink,
        font: { size: 14.5 },
        maxRotation: 0,
        callback(this: { width: number }, value: string | number) {
          const letters = axis === 'y' ? 18 : Math.max(5, Math.floor(this.width / names.length / LETTER));
          return wrapName(names[Number(value)] ?? '', letters, axis === 'y' ? 3 : 4);
        },
      },
    } as unknown as ScaleOptionsByType<'linear'>;
  }
  return {
    type: 'linear',
    title,
    ...(min === undefined ? {} : { suggestedMin: min, ...(min === 0 || axis === 'x' ? { min } : {}) }),
    ...(max === undefined ? {} : { suggestedMax: max }),
    grace: min === undefined && max === undefined ? '6%' : 0,
    grid: { display: axis === 'y' || ticks === undefined, color: colours.hair },
    ...(ticks && axis === 'x'
      ? { afterBuildTicks: (scale: { ticks: { value: number }[] }) => (scale.ticks = ticks.map((value) => ({ value }))) }
      : {}),
  } as unknown as ScaleOptionsByType<'linear'>;
}

const KEY_LETTERS = 34;
const KEY_LINE = 24;
const TITLE_LINE = 22;
const titleLines = (title: string) => wrapName(title, 80, 3);

/**
 * Room above a picture that stands alone, for its title and its key.
 * @param width of the picture, px
 * @returns px
 */
export function roomAbove({ title, keyed, series }: Picture, width: number): number {
  const across = Math.max(1, Math.floor(width / (KEY_LETTERS * LETTER)));
  return 18 + titleLines(title).length * TITLE_LINE + (keyed ? Math.ceil(series.length / across) * KEY_LINE : 0);
}

/** Title and key for a picture that stands alone. */
function words({ title, keyed, series }: Picture) {
  return {
    title: { display: true, text: titleLines(title), color: colours.ink, align: 'start' as const, font: { size: 17 } },
    legend: {
      display: keyed && series.length > 0,
      align: 'start' as const,
      labels: {
        usePointStyle: true,
        color: colours.ink,
        generateLabels: () =>
          series.map(({ code: arm, name }) => {
            const look = armStyle(series, arm);
            return {
              text: shorten(name, KEY_LETTERS),
              pointStyle: look.shape,
              fillStyle: look.open ? colours.paper : look.fill,
              strokeStyle: look.stroke,
              fontColor: colours.ink,
              lineWidth: 2,
            };
          }),
      },
    },
  };
}
