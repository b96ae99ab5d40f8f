import { byCode, itemAt } from '@fern/core';
import type { Arm } from '@fern/core';
import { colours } from './colours';

type Shape = 'circle' | 'rect' | 'triangle' | 'rectRot' | 'star' | 'crossRot' | 'cross' | 'line';

/** How an arm looks everywhere: colour, fill and shape say the same thing three times, so that nothing rests on colour. */
export interface ArmStyle {
  readonly stroke: string;
  readonly fill: string;
  /** Text on the fill. */
  readonly text: string;
  readonly shape: Shape;
  readonly dash: readonly number[];
  readonly hollow: boolean;
  /** Its mark in a picture is not filled, unlike that of the arm with the same shape. */
  readonly open: boolean;
}

// Okabe & Ito (2008), safe for colour-blind readers; with text black or white so that it keeps 4.5 : 1.
const treatments: readonly (readonly [fill: string, text: string])[] = [
  ['#0072B2', '#FFFFFF'],
  ['#D55E00', '#000000'],
  ['#009E73', '#000000'],
  ['#CC79A7', '#000000'],
  ['#E69F00', '#000000'],
  ['#56B4E9', '#000000'],
];
// Eleven marks beside the control's hollow circle, each told from the others in grey as well.
const shapes: readonly Shape[] = [
  'rect',
  'triangle',
  'rectRot',
  'star',
  'crossRot',
  'circle',
  'rect',
  'triangle',
  'rectRot',
  'cross',
  'line',
];
const dashes: readonly (readonly number[])[] = [[], [6, 4], [2, 3], [10, 4, 2, 4]];

/** The style of an arm among its experiment's arms: control hollow in ink, references hollow and dashed, treatments filled in turn. */
export function armStyle(arms: readonly Pick<Arm, 'code' | 'role'>[], code: string): ArmStyle {
  const role = byCode(arms, code)?.role ?? 'control';
  if (role !== 'treatment') {
    return {
      stroke: role === 'control' ? colours.ink : colours.soft,
      fill: colours.paper,
      text: colours.ink,
      shape: 'circle',
      dash: role === 'control' ? [] : [3, 3],
      hollow: true,
      open: true,
    };
  }
  const i = arms.filter((arm) => arm.role === 'treatment').findIndex((arm) => arm.code === code);
  const [fill, text] = itemAt(treatments, i % treatments.length);
  // After six arms the colours come again, with an outline in ink.
  return {
    stroke: i < treatments.length ? fill : colours.ink,
    fill,
    text,
    shape: itemAt(shapes, i % shapes.length),
    dash: itemAt(dashes, Math.floor(i / treatments.length) % dashes.length),
    hollow: false,
    open: i >= treatments.length,
  };
}
