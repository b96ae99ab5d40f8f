import { blankOf, MOST_UNITS, unitFields, type Arm, type Layout, type Shelf, type Unit } from '../../model';
import { random, shuffled } from '../../stats/random';

export interface LayoutWish {
  readonly arms: readonly Pick<Arm, 'arm'>[];
  readonly unitsPerArm: number;
  /** First letter of the units' codes: "D" gives D01. */
  readonly letter: string;
  readonly sown: number | null;
  readonly layout: Layout;
  /** Number of blocks, between which each arm's units are shared out evenly; pairs have one unit of each arm a block. */
  readonly blocks: number;
  /** Places side by side on a shelf. */
  readonly columns: number;
  readonly light: Shelf['light'];
  /** Where each unit starts; null where the experiment's start is each unit's. */
  readonly startedOn?: string | null;
}

export interface LaidOut {
  readonly units: readonly Unit[];
  readonly bench: readonly Shelf[];
}

/**
 * Deals the arms over the places of the bench: every allowed layout equally likely, the same seed the same layout. Codes follow the
 * places, so that a walk along the bench reads them in order and a code tells nothing about the arm.
 * @param wish arms, units an arm, layout and bench
 * @param seed that is printed with the plan
 * @returns units with their places, and the bench that holds them
 * @throws {RangeError} where the wish cannot be laid out
 */
export function layOut(wish: LayoutWish, seed: number): LaidOut {
  const { arms, unitsPerArm, layout } = wish;
  if (!Number.isInteger(unitsPerArm) || unitsPerArm < 1 || arms.length * unitsPerArm > MOST_UNITS) {
    throw new RangeError(`units an arm must be a whole number from 1 to ${Math.floor(MOST_UNITS / Math.max(1, arms.length))}`);
  }
  const source = random(seed);
  const shelves: { block: string | null; arms: string[] }[] =
    layout === 'pairs'
      ? Array.from({ length: unitsPerArm }, (_, i) => ({ block: `pair ${i + 1}`, arms: shuffled(codes(arms), source) }))
      : layout === 'blocks'
        ? shareOut(unitsPerArm, wish.blocks).map((each, i) => ({ block: blockName(i), arms: shuffled(repeat(arms, each), source) }))
        : [{ block: null, arms: shuffled(repeat(arms, unitsPerArm), source) }];
  return place(shelves, wish);
}

function place(groups: readonly { block: string | null; arms: readonly string[] }[], wish: LayoutWish): LaidOut {
  const units: Unit[] = [];
  const bench: Shelf[] = [];
  const digits = Math.max(2, String(groups.reduce((n, group) => n + group.arms.length, 0)).length);
  // Pairs stand beside one another along common shelves; a block has its shelf to itself.
  const shelves =
    wish.layout === 'pairs'
      ? [groups.flatMap((group) => group.arms.map((arm) => ({ arm, block: group.block })))]
      : groups.map((group) => group.arms.map((arm) => ({ arm, block: group.block })));
  let row = 0;
  shelves.forEach((places, shelf) => {
    const columns = Math.min(wish.columns, places.length);
    places.forEach(({ arm, block }, i) => {
      const code = `${wish.letter}${String(units.length + 1).padStart(digits, '0')}`;
      units.push({
        ...blankOf(unitFields),
        unit: code,
        arm,
        block,
        row: row + Math.floor(i / columns) + 1,
        column: (i % columns) + 1,
        sown: wish.sown,
        startedOn: wish.startedOn ?? null,
      });
    });
    const rows = Math.ceil(places.length / columns);
    bench.push({ name: wish.layout === 'blocks' ? `Shelf ${blockName(shelf)}` : 'Bench', rows, columns, light: wish.light });
    row += rows;
  });
  return { units, bench };
}

/** How many units of each arm stand in each block, as even as can be. */
function shareOut(units: number, blocks: number): number[] {
  const count = Math.max(1, Math.min(blocks, units));
  return Array.from({ length: count }, (_, i) => Math.floor((units + i) / count)).reverse();
}

function codes(arms: LayoutWish['arms']): string[] {
  return arms.map((arm) => arm.arm);
}

function repeat(arms: LayoutWish['arms'], times: number): string[] {
  return codes(arms).flatMap((code) => new Array<string>(times).fill(code));
}

function blockName(i: number): string {
  return i < 26 ? String.fromCharCode(65 + i) : `B${i + 1}`;
}
