import { blankOf, unitFields, type Experiment, type Unit } from '../model';
import type { DesignChange } from './redesign';

/**
 * What another number of units or another arm means once a plan has started: units are added at the end of the bench, or the last of an arm
 * are taken away. The arms are never dealt again: what is there keeps its arm, its block and its place.
 * @param experiment a plan that has started
 * @param change arms and numbers; a seed, a layout or a width changes nothing any more
 */
export function addUnitsAfterStart(
  experiment: Experiment,
  { arms = experiment.arms, unitsPerArm, unitsOf = {}, sown, on }: DesignChange,
): Experiment {
  const { units } = experiment;
  const countOf = (arm: string) => units.filter((unit) => unit.arm === arm).length;
  const most = Math.max(1, ...arms.map(({ code: arm }) => countOf(arm)));
  const wanted = new Map(arms.map(({ code: arm }) => [arm, unitsOf[arm] ?? unitsPerArm ?? (countOf(arm) || most)]));
  const seen = new Map<string, number>();
  const kept = units.filter(({ arm }) => {
    const before = seen.get(arm) ?? 0;
    seen.set(arm, before + 1);
    return before < (wanted.get(arm) ?? 0);
  });
  const missing = arms.flatMap(({ code: arm }) => new Array<string>(Math.max(0, (wanted.get(arm) ?? 0) - countOf(arm))).fill(arm));
  if (missing.length === 0) return { ...experiment, arms, units: kept };
  const each = sown ?? units.find((unit) => unit.sown !== null)?.sown ?? null;
  const place = placesBehind(experiment);
  const code = codesBehind(experiment);
  const block = blocksFor(experiment, kept);
  const added = missing.map((arm, i): Unit => ({
    ...blankOf(unitFields),
    code: code(i),
    arm,
    block: block(arm),
    ...place(i),
    sown: each,
    startedOn: on ?? null,
  }));
  const rows = Math.max(...added.map(({ row }) => row ?? 0));
  return { ...experiment, arms, units: [...kept, ...added], plan: { ...experiment.plan, bench: longer(experiment, rows) } };
}

/** Free places in new rows behind the last. */
function placesBehind({ units, plan }: Experiment): (i: number) => { row: number; column: number } {
  const columns = Math.max(1, ...plan.bench.map((shelf) => shelf.columns), ...units.map(({ column }) => column ?? 0));
  const last = Math.max(
    0,
    plan.bench.reduce((sum, shelf) => sum + shelf.rows, 0),
    ...units.map(({ row }) => row ?? 0),
  );
  return (i) => ({ row: last + 1 + Math.floor(i / columns), column: 1 + (i % columns) });
}

/** Codes that go on behind the last: D13 after D12. */
function codesBehind({ units, plan }: Experiment): (i: number) => string {
  const numbers = units.flatMap(({ code: unit }) => Number(/\d+$/.exec(unit)?.[0] ?? NaN) || []);
  const letter = /^\D*/.exec(units[0]?.code ?? '')?.[0] ?? '';
  const first = Math.max(0, ...numbers) + 1;
  return (i) => `${letter || plan.unitNoun.charAt(0).toUpperCase() || 'U'}${String(first + i).padStart(2, '0')}`;
}

/** In pairs, a new one a round; in blocks, the block in which the arm has the fewest. */
function blocksFor({ layout }: Experiment, kept: readonly Unit[]): (arm: string) => string | null {
  const known = [...new Set(kept.flatMap(({ block }) => block ?? []))];
  const filled = kept.map(({ arm, block }) => ({ arm, block }));
  const countIn = (arm: string, block: string) => filled.filter((own) => own.arm === arm && own.block === block).length;
  return (arm) => {
    if (layout === 'completely-random') return null;
    let block = [...known].sort((a, b) => countIn(arm, a) - countIn(arm, b))[0] ?? null;
    if (layout === 'pairs' && (block === null || countIn(arm, block) > 0)) {
      block = `pair ${known.length + 1}`;
      known.push(block);
    }
    filled.push({ arm, block });
    return block;
  };
}

function longer({ plan: { bench } }: Experiment, rows: number): Experiment['plan']['bench'] {
  const there = bench.reduce((sum, shelf) => sum + shelf.rows, 0);
  return bench.map((shelf, i) => (i === bench.length - 1 && rows > there ? { ...shelf, rows: shelf.rows + rows - there } : shelf));
}
