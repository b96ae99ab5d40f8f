import { blankOf, MOST_UNITS, shelfFields, unitFields, type Arm, type Layout, type Shelf, type Unit } from '../../model';
import { random, shuffled } from '../../stats/random';

export interface LayoutWish {
  readonly arms: readonly Pick<Arm, 'code'>[];
  readonly unitsPerArm: number;
  /** Of those arms that have another number, by their code. */
  readonly unitsOf?: Readonly<Record<string, number>>;
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

interface Count {
  readonly arm: string;
  readonly units: number;
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
  const { arms, unitsPerArm, unitsOf = {}, layout } = wish;
  const counts = arms.map(({ code: arm }) => ({ arm, units: unitsOf[arm] ?? unitsPerArm }));
  const total = counts.reduce((sum, { units }) => sum + units, 0);
  if (counts.some(({ units }) => !Number.isInteger(units) || units < 1) || total > MOST_UNITS)
    throw new RangeError(`units per group must be whole numbers from 1, ${MOST_UNITS} in all; there are ${total}`);
  const source = random(seed);
  const most = Math.max(...counts.map(({ units }) => units));
  const dealt = (block: string | null, each: (count: Count) => number) => ({
    block,
    arms: shuffled(
      counts.flatMap((count) => repeat(count.arm, each(count))),
      source,
    ),
  });
  const blocks = Math.max(1, Math.min(wish.blocks, most));
  const shelves =
    layout === 'pairs'
      ? Array.from({ length: most }, (_, i) => dealt(`pair ${i + 1}`, ({ units }) => (i < units ? 1 : 0)))
      : layout === 'blocks'
        ? Array.from({ length: blocks }, (_, i) => dealt(blockName(i), ({ units }) => shareOf(units, blocks, i)))
        : [dealt(null, ({ units }) => units)];
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
        code: code,
        arm,
        block,
        row: row + Math.floor(i / columns) + 1,
        column: (i % columns) + 1,
        sown: wish.sown,
        startedOn: wish.startedOn ?? null,
      });
    });
    const rows = Math.ceil(places.length / columns);
    bench.push({
      ...blankOf(shelfFields),
      name: wish.layout === 'blocks' ? `Shelf ${blockName(shelf)}` : 'Bench',
      rows,
      columns,
      light: wish.light,
    });
    row += rows;
  });
  return { units, bench };
}

/** How many of an arm's units stand in a block, as even as can be, the first blocks first. */
const shareOf = (units: number, blocks: number, block: number) => Math.floor((units + blocks - 1 - block) / blocks);

const repeat = (code: string, times: number) => new Array<string>(times).fill(code);

function blockName(i: number): string {
  return i < 26 ? String.fromCharCode(65 + i) : `B${i + 1}`;
}
