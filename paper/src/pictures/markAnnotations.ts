import type { AnnotationOptions } from 'chartjs-plugin-annotation';
import type { Mark, Picture } from '@fern/core';
import { colours } from '../look';

/** A box narrower than this share of the axis has no word in it. */
const NARROW = 0.05;

/** Boxes and rules of a picture. */
export function markAnnotations({ marks, x }: Picture): AnnotationOptions[] {
  const reach = (x.max ?? 1) - (x.min ?? 0);
  return marks.flatMap((mark): AnnotationOptions[] => {
    if (mark.kind === 'boxes') return boxesOf(mark, reach);
    return mark.kind === 'rule' ? ruleOf(mark) : [];
  });
}

function boxesOf({ boxes }: Extract<Mark, { kind: 'boxes' }>, reach: number): AnnotationOptions[] {
  return boxes.map(({ x: [xMin, xMax], y: [yMin, yMax], shade, words }) => ({
    type: 'box',
    drawTime: 'beforeDatasetsDraw',
    xMin,
    xMax,
    yMin,
    yMax,
    backgroundColor: between(colours.sproutPale, colours.rail, shade),
    borderColor: colours.paper,
    borderWidth: 1.5,
    label: {
      display: words !== '' && xMax - xMin > NARROW * reach,
      content: words,
      color: shade > 0.45 ? colours.paper : colours.ink,
      font: { size: 13, weight: 'bold' },
    },
  }));
}

function ruleOf({ axis, at, band, words }: Extract<Mark, { kind: 'rule' }>): AnnotationOptions[] {
  const ends = (from: number, to: number) => (axis === 'x' ? { xMin: from, xMax: to } : { yMin: from, yMax: to });
  const room: AnnotationOptions[] = band
    ? [{ type: 'box', drawTime: 'beforeDatasetsDraw', ...ends(...band), backgroundColor: `${colours.pollen}2e`, borderWidth: 0 }]
    : [];
  return [
    ...room,
    {
      type: 'line',
      drawTime: 'beforeDatasetsDraw',
      ...ends(at, at),
      borderColor: colours.rust,
      borderWidth: 1.6,
      borderDash: [5, 4],
      label: {
        display: words !== '',
        content: words,
        position: axis === 'x' ? 'start' : 'end',
        backgroundColor: `${colours.paper}e6`,
        color: colours.rust,
        font: { size: 12.5, weight: 'bold' },
        padding: 3,
      },
    },
  ];
}

/** A colour between two, of six digits each. */
function between(from: string, to: string, share: number): string {
  const part = (text: string, i: number) => Number.parseInt(text.slice(1 + 2 * i, 3 + 2 * i), 16);
  const mixed = [0, 1, 2].map((i) => Math.round(part(from, i) + (part(to, i) - part(from, i)) * share));
  return `#${mixed.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
}
