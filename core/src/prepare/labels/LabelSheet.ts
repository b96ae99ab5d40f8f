import { itemAt } from '../../invariant';

/** A sheet of labels: all lengths in mm. Sizes that are sold everywhere, and plain paper to be cut. */
export interface LabelSheet {
  readonly id: string;
  readonly title: string;
  readonly page: PaperSize;
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  /** Where the first label begins. */
  readonly left: number;
  readonly top: number;
  /** From one label's edge to the same edge of the next. */
  readonly across: number;
  readonly down: number;
  readonly shape: 'label' | 'stake';
  /** Lines to cut along; printed labels are cut already. */
  readonly isCut: boolean;
}

export interface PaperSize {
  readonly name: 'A4' | 'letter';
  readonly width: number;
  readonly height: number;
}

const A4: PaperSize = { name: 'A4', width: 210, height: 297 };
const letter: PaperSize = { name: 'letter', width: 215.9, height: 279.4 };
const INCH = 25.4;

/** Labels that touch one another, in the middle of the page. */
function inTheMiddle(
  page: PaperSize,
  columns: number,
  rows: number,
  width: number,
  height: number,
): Omit<LabelSheet, 'id' | 'title' | 'shape' | 'isCut'> {
  const [left, top] = [(page.width - columns * width) / 2, (page.height - rows * height) / 2];
  return { page, columns, rows, width, height, left, top, across: width, down: height };
}

export const labelSheets: readonly LabelSheet[] = [
  { id: 'a4-plain', title: 'plain A4, cut: 60 × 30 mm', ...inTheMiddle(A4, 3, 9, 60, 30), shape: 'label', isCut: true },
  {
    id: 'letter-plain',
    title: 'plain US Letter, cut: 2½ × 1¼ in',
    ...inTheMiddle(letter, 3, 8, 2.5 * INCH, 1.25 * INCH),
    shape: 'label',
    isCut: true,
  },
  { id: 'a4-24', title: 'A4 with 24 labels, 70 × 37 mm', ...inTheMiddle(A4, 3, 8, 70, 37), top: 0.5, shape: 'label', isCut: false },
  {
    id: 'a4-21',
    title: 'A4 with 21 labels, 63.5 × 38.1 mm',
    ...inTheMiddle(A4, 3, 7, 63.5, 38.1),
    left: 7.2,
    across: 66,
    top: 15.1,
    shape: 'label',
    isCut: false,
  },
  {
    id: 'a4-65',
    title: 'A4 with 65 labels, 38.1 × 21.2 mm',
    ...inTheMiddle(A4, 5, 13, 38.1, 21.2),
    left: 4.75,
    across: 40.6,
    top: 10.7,
    shape: 'label',
    isCut: false,
  },
  {
    id: 'letter-30',
    title: 'US Letter with 30 labels, 2⅝ × 1 in',
    ...inTheMiddle(letter, 3, 10, 2.625 * INCH, INCH),
    left: 0.1875 * INCH,
    across: 2.75 * INCH,
    shape: 'label',
    isCut: false,
  },
  {
    id: 'letter-10',
    title: 'US Letter with 10 labels, 4 × 2 in',
    ...inTheMiddle(letter, 2, 5, 4 * INCH, 2 * INCH),
    left: 0.15625 * INCH,
    across: 4.1875 * INCH,
    shape: 'label',
    isCut: false,
  },
  { id: 'a4-stakes', title: 'stakes to cut, A4: 24 × 130 mm', ...inTheMiddle(A4, 8, 2, 24, 134), height: 130, shape: 'stake', isCut: true },
  {
    id: 'letter-stakes',
    title: 'stakes to cut, US Letter: 24 × 120 mm',
    ...inTheMiddle(letter, 8, 2, 24, 124),
    height: 120,
    shape: 'stake',
    isCut: true,
  },
];

/**
 * A sort of sheet by its id.
 * @param id as it was chosen
 * @returns the first sort where there is none of that id
 */
export const labelSheetOf = (id: string): LabelSheet => labelSheets.find((sheet) => sheet.id === id) ?? itemAt(labelSheets, 0);

/**
 * How many labels a page has.
 * @param sheet the sort of sheet
 * @returns 1 or more
 */
export const labelsPerPage = ({ columns, rows }: Pick<LabelSheet, 'columns' | 'rows'>): number => columns * rows;
