import { byCode, fixedChanges, same, type Amendment, type Experiment } from '../model';
import { refused, type Objection } from './Objection';

/** What an experiment's log already speaks of, and would be left without. */
export interface LogMentions {
  /** Which measures of which units were read. */
  readonly read: readonly { readonly unit: string; readonly measure: string }[];
  /** Codes of units and arms that care, an incident or a photo names. */
  readonly named: { readonly units: readonly string[]; readonly arms: readonly string[] };
}

/**
 * A change of an experiment: what the start locked needs an amendment, amendments are only added, a start is never taken back, and nothing
 * goes that the log speaks of. Whether a key is sealed is no change of the plan, but a deed of its own.
 * @param before as it is stored
 * @param after as it is to be
 * @returns pointers begin at the experiment
 */
export function checkChange(before: Experiment, after: Experiment, logged: LogMentions): Objection[] {
  return [
    ...sealChange(before, after),
    ...lockedChange(before, after),
    ...predictionChange(before, after, logged),
    ...gone(before, after, logged),
  ];
}

function sealChange(before: Experiment, after: Experiment): Objection[] {
  if (same(before.plan.seal, after.plan.seal)) return [];
  const detail =
    'A key is sealed under Prepare, and opened under Weigh up with a reason: no other change touches its seal. Load the page again.';
  return [refused('sealed-key', '/plan/seal', detail)];
}

/** What a unit keeps whatever an amendment says. */
const stays = ['arm', 'block', 'row', 'column'] as const;

function lockedChange(before: Experiment, after: Experiment): Objection[] {
  if (before.plan.lockedOn === null) return [];
  const [old, next] = [before.plan.amendments, after.plan.amendments];
  if (!old.every((amendment, i) => next[i] !== undefined && same(said(amendment), said(next[i]))))
    return [refused('locked', '/plan/amendments', 'Amendments stay as they were written. Add a new one.')];
  if (after.plan.lockedOn !== before.plan.lockedOn)
    return [refused('locked', '/plan/lockedOn', `A start cannot be taken back: the plan is locked since ${before.plan.lockedOn}.`)];
  const moved = after.units.findIndex((unit) => {
    const was = byCode(before.units, unit.code);
    return was !== undefined && stays.some((field) => was[field] !== unit[field]);
  });
  if (moved >= 0) {
    const detail = `Once it has started, each keeps its group, its block and its position; ${after.units[moved]?.code} would change them.`;
    return [refused('locked', `/units/${moved}`, detail)];
  }
  const changes = fixedChanges(before, after);
  if (changes.length === 0 || next.length > old.length) return [];
  const detail = `The plan is locked since the start. Say what you change and why, as an amendment; the report will show it. Changed: ${changes.map(({ what }) => what).join(', ')}.`;
  return [refused('locked', '/plan/amendments', detail)];
}

/** What a person said in an amendment; the list of changes is worked out. */
const said = ({ on, what, reason }: Amendment) => ({ on, what, reason });

function predictionChange(before: Experiment, after: Experiment, { read }: LogMentions): Objection[] {
  if (read.length === 0 || same(before.plan.predictions, after.plan.predictions)) return [];
  return [refused('predictions-sealed', '/plan/predictions', 'Predictions are sealed since the first reading, and cannot change.')];
}

function gone(before: Experiment, after: Experiment, { read, named }: LogMentions): Objection[] {
  const units = new Set(after.units.map(({ code }) => code));
  const arms = new Set(after.arms.map(({ code }) => code));
  const measures = new Set(after.measures.map(({ code }) => code));
  const instead = 'so it can’t be removed. Mark it as lost or excluded instead.';
  const unit = read.find((row) => !units.has(row.unit))?.unit;
  const measure = read.find((row) => !measures.has(row.measure))?.measure;
  const told = named.units.find((code) => !units.has(code) && byCode(before.units, code));
  const arm = named.arms.find((code) => !arms.has(code) && byCode(before.arms, code));
  return [
    ...(unit === undefined ? [] : [refused('has-readings', '/units', `Unit ${unit} has readings, ${instead}`)]),
    ...(measure === undefined ? [] : [refused('has-readings', '/measures', `Measure ${measure} has readings, so it can’t be removed.`)]),
    ...(told === undefined ? [] : [refused('has-entries', '/units', `Care, a mishap or a photo names unit ${told}, ${instead}`)]),
    ...(arm === undefined
      ? []
      : [refused('has-entries', '/arms', `Care, a mishap or a photo names group ${arm}, so it can’t be removed.`)]),
  ];
}

/**
 * A change that was let through, as it is stored: its newest amendment lists what was changed.
 * @param before as it is stored
 * @param after as it is to be
 */
export function withListedChanges(before: Experiment, after: Experiment): Experiment {
  const { lockedOn, amendments: old } = before.plan;
  if (lockedOn === null) return after;
  const next = after.plan.amendments;
  const changes = fixedChanges(before, after);
  const amendments = next.map((amendment, i) => old[i] ?? { ...amendment, changes: i === next.length - 1 ? changes : [] });
  return { ...after, plan: { ...after.plan, amendments } };
}
