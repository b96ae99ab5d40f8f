import { benchFor, shelfRows, type Barrier, type Shelf, type Unit, itemAt } from '@fern/core';

/** A place on the bench as drawn, in the drawing's own units. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A shelf as drawn: its rows from `first` to `last`, counted over the whole bench. */
export interface Board {
  readonly name: string;
  readonly light: Shelf['light'];
  readonly y: number;
  readonly height: number;
  readonly first: number;
  readonly last: number;
}

/** Units side by side that share a reservoir, tray or lamp. */
export interface ContainerRun extends Point {
  readonly name: string;
  readonly width: number;
}

/** Two neighbours, and whether a barrier stands between them. */
export interface NeighbourGap extends Point {
  readonly unit: Unit;
  readonly right: Unit;
  readonly stands: boolean;
}

const TILE = 69;
const ROW_GAP = 16;
/** What is shared has its name above it. */
const NAMED_ROW_GAP = 32;
const BOARD_HEAD = 34;
const BOARD_GAP = 12;

/** Where everything stands in the drawing of a bench: the same in every step. */
export interface BenchGeometry {
  readonly width: number;
  readonly height: number;
  readonly tile: number;
  readonly columns: number;
  readonly rows: number;
  readonly boards: readonly Board[];
  /** The middle of a place. */
  readonly centre: (row: number, column: number) => Point;
  /** The place at a point; null beside the shelves. */
  readonly placeAt: (point: Point) => { readonly row: number; readonly column: number } | null;
}

/** @param placed units that have a place; a bench too small for them is made large enough */
export function benchGeometry(shelves: readonly Shelf[], placed: readonly Unit[]): BenchGeometry {
  const rows = shelfRows(benchFor(shelves, placed));
  const columns = Math.max(1, ...rows.map(({ shelf }) => shelf.columns));
  const tile = Math.min(TILE, (TILE * 12) / columns);
  const width = 60 + TILE * 12;
  const left = (width - tile * columns) / 2;
  const rowGap = placed.some(({ container }) => container !== null) ? NAMED_ROW_GAP : ROW_GAP;
  const head = BOARD_HEAD + (rowGap - ROW_GAP) / 2;
  const pitch = tile + rowGap;
  const boards: Board[] = [];
  let y = 0;
  for (const { shelf, first, last } of rows) {
    const height = (last - first + 1) * pitch + head + 6;
    boards.push({ name: shelf.name, light: shelf.light, y, height, first, last });
    y += height + BOARD_GAP;
  }
  return {
    width,
    height: y - BOARD_GAP,
    tile,
    columns,
    rows: boards.at(-1)?.last ?? 1,
    boards,
    centre: (row, column) => {
      const board = boards.find(({ first, last }) => row >= first && row <= last) ?? itemAt(boards, 0);
      return { x: left + tile * (column - 0.5), y: board.y + head + (row - board.first) * pitch + tile / 2 };
    },
    placeAt: (point) => {
      const board = boards.find((own) => point.y >= own.y && point.y <= own.y + own.height);
      if (!board) return null;
      const row = board.first + Math.floor((point.y - board.y - head + rowGap / 2) / pitch);
      const column = Math.floor((point.x - left) / tile) + 1;
      if (column < 1 || column > columns) return null;
      return { row: Math.min(board.last, Math.max(board.first, row)), column };
    },
  };
}

const placeOf = ({ row, column }: Unit): readonly [number, number] => [row ?? 1, column ?? 1];

/** Neighbours along a row that share something stand in one outline. */
export function containerRuns(placed: readonly Unit[], { centre, tile }: BenchGeometry): ContainerRun[] {
  const runs: ContainerRun[] = [];
  const sorted = [...placed].sort((a, b) => (a.row ?? 0) - (b.row ?? 0) || (a.column ?? 0) - (b.column ?? 0));
  sorted.forEach((unit, i) => {
    if (unit.container === null) return;
    const { x, y } = centre(...placeOf(unit));
    const before = sorted[i - 1];
    const run = runs.at(-1);
    const goesOn = before?.container === unit.container && before.row === unit.row && before.column === (unit.column ?? 0) - 1;
    if (run && goesOn) runs[runs.length - 1] = { ...run, width: run.width + tile };
    else runs.push({ name: unit.container, x: x - tile / 2, y: y - tile / 2, width: tile });
  });
  return runs;
}

/** Gaps between neighbours where a barrier stands, or where `all` could. */
export function barrierGaps(
  placed: readonly Unit[],
  barriers: readonly Barrier[],
  { centre }: BenchGeometry,
  all: boolean,
): NeighbourGap[] {
  const at = new Map(placed.map((unit) => [`${unit.row}:${unit.column}`, unit]));
  const barred = new Set(barriers.map(({ row, column }) => `${row}:${column}`));
  return placed.flatMap((unit) => {
    const right = at.get(`${unit.row}:${(unit.column ?? 0) + 1}`);
    const stands = barred.has(`${unit.row}:${unit.column}`);
    return right && (stands || all) ? [{ unit, right, stands, ...centre(...placeOf(unit)) }] : [];
  });
}
