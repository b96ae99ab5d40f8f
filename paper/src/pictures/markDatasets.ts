import type { ChartDataset } from 'chart.js';
import type { Mark, Picture } from '@fern/core';
import { armStyle, colours, type ArmStyle } from '../look';

/** A layer as Chart.js draws it, with the words of its points for whoever points at one. */
export interface Layer {
  readonly dataset: ChartDataset;
  readonly words: readonly string[];
}

const neutral: ArmStyle = {
  stroke: colours.border,
  fill: colours.border,
  text: colours.ink,
  shape: 'circle',
  dash: [],
  hollow: false,
  open: false,
};
/** So many dots are drawn smaller. */
const CROWD = 60;

/** The datasets of a picture, the first at the back. Boxes and rules are annotations. */
export function markDatasets({ marks, series }: Picture): Layer[] {
  const dots = marks.reduce((sum, mark) => sum + (mark.kind === 'dots' ? mark.points.length : 0), 0);
  const look = (code: string | null) => (code === null ? neutral : armStyle(series, code));
  return marks
    .flatMap((mark) => layersOf(mark, look('series' in mark ? mark.series : null), dots > CROWD ? 3 : 5))
    .map((layer, i) => ({ ...layer, dataset: { ...layer.dataset, order: -i } }));
}

function layersOf(mark: Mark, look: ArmStyle, radius: number): Layer[] {
  switch (mark.kind) {
    case 'dots':
      return [
        {
          words: mark.points.map(({ words }) => words),
          dataset: {
            type: 'scatter',
            data: mark.points.map(({ x, y }) => ({ x, y })),
            pointStyle: look.shape,
            pointRadius: radius,
            pointHoverRadius: radius + 2,
            backgroundColor: look.open ? colours.paper : `${look.fill}99`,
            borderColor: look.stroke,
            borderWidth: 1.5,
            clip: false,
          },
        },
      ];
    case 'means':
      return [{ words: mark.points.map(({ words }) => words), dataset: meansOf(mark, look) }];
    case 'line':
      return [
        {
          words: [],
          dataset: {
            ...lineOf(mark.points, mark.stepped),
            borderColor: mark.series === null && !mark.thin ? colours.soft : look.stroke,
            borderWidth: mark.thin ? 1.3 : 2.2,
            borderDash: [...look.dash],
          },
        },
      ];
    case 'band': {
      const edge = { ...lineOf([], mark.stepped), borderWidth: 0 };
      return [
        { words: [], dataset: { ...edge, data: mark.points.map(({ x, lo }) => ({ x, y: lo })), fill: false } },
        {
          words: [],
          dataset: { ...edge, data: mark.points.map(({ x, hi }) => ({ x, y: hi })), fill: '-1', backgroundColor: `${look.stroke}26` },
        },
      ];
    }
    case 'shape':
      return [{ words: [], dataset: { ...lineOf(mark.points), borderWidth: 0, fill: 'shape', backgroundColor: `${look.stroke}26` } }];
    case 'boxes':
    case 'rule':
      return [];
  }
}

const lineOf = (points: readonly { readonly x: number; readonly y: number }[], stepped = false) => ({
  type: 'scatter' as const,
  data: points.map(({ x, y }) => ({ x, y })),
  showLine: true,
  stepped: stepped ? ('before' as const) : false,
  pointRadius: 0,
  pointHitRadius: 0,
  clip: false as const,
  // Drawn point by point, which a canvas that keeps lines as SVG needs.
  segment: {},
});

function meansOf(mark: Extract<Mark, { kind: 'means' }>, look: ArmStyle): ChartDataset {
  return {
    type: 'scatterWithErrorBars',
    data: mark.points.map(({ at, value, lo, hi }) => {
      const ends = lo === null || hi === null ? {} : mark.along === 'x' ? { xMin: lo, xMax: hi } : { yMin: lo, yMax: hi };
      const still = mark.along === 'x' ? { yMin: at, yMax: at } : { xMin: at, xMax: at };
      return { ...(mark.along === 'x' ? { x: value, y: at } : { x: at, y: value }), ...(lo === null ? {} : { ...still, ...ends }) };
    }),
    pointStyle: look.shape,
    pointRadius: 7,
    radius: 7,
    backgroundColor: look.open ? colours.paper : look.fill,
    borderColor: look.stroke,
    borderWidth: 2,
    errorBarColor: look.stroke,
    errorBarLineWidth: 3.5,
    errorBarWhiskerColor: look.stroke,
    errorBarWhiskerLineWidth: 2,
    errorBarWhiskerSize: 10,
    clip: false,
  } as ChartDataset;
}
