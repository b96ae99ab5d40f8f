import { NONE } from '../../quantities/show';

/** A number in a picture or its table: four figures, which no picture shows better. */
export const fourFigures = (value: number | null): string =>
  value === null ? NONE : String(Number(value.toPrecision(4))).replace('-', '−');

/** "12 to 19", or a dash. */
export const span = (ends: readonly [number, number] | null): string =>
  ends === null ? NONE : `${fourFigures(ends[0])} to ${fourFigures(ends[1])}`;
