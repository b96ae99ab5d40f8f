import { itemAt } from '../invariant';
import { byCode, type Observation, type Study } from '../model';
import { addReadings, cell } from '../study/readings';
import { noSuchMeasure, noSuchUnit } from './noSuch';
import { refused, under, type Objection } from './Objection';
import { checkReading, roundKey } from './reading';

/**
 * Readings that arrive together, beside those that are there already. What another corrects is history, and is not held against its values.
 * @param study what is there already, with its experiment
 * @param readings in any order; each id once
 * @param latest calendar date after which nothing can have been read yet
 * @returns pointers begin at the list: "/3/value"
 */
export function checkReadings(study: Study, readings: readonly Observation[], latest: string): Objection[] {
  const { units, measures, plan } = study.experiment;
  const whole = addReadings(study, readings);
  const chain = chainOf(whole, readings);
  const objections = readings.map((seen, i) => {
    const unit = byCode(units, seen.unit);
    const measure = byCode(measures, seen.measure);
    if (!unit || !measure)
      return under(`/${i}`, [
        ...(unit ? [] : [refused('no-such-unit', '/unit', noSuchUnit(seen.unit, plan))]),
        ...(measure ? [] : [refused('no-such-measure', '/measure', noSuchMeasure(seen.measure))]),
      ]);
    const correction = wrongCorrection(seen, chain);
    return under(`/${i}`, [
      ...(correction === null ? [] : [refused('correction', '/replaces', correction)]),
      ...(chain.corrections.has(seen.id) ? [] : checkReading(whole, { measure, unit }, seen, latest)),
    ]);
  });
  return onceEachRound(objections, readings);
}

/** That categories do not add up is one thing to put right, and not one of each: the last that was told of is named. */
function onceEachRound(objections: readonly (readonly Objection[])[], readings: readonly Observation[]): Objection[] {
  if (!objections.some((own) => own.some(isOfCategories))) return objections.flat();
  const last = new Map(readings.map((seen, i) => [roundOfReading(seen), i]));
  return objections.flatMap((own, i) => own.filter((one) => !isOfCategories(one) || last.get(roundOfReading(itemAt(readings, i))) === i));
}

const isOfCategories = ({ rule }: Objection) => rule.startsWith('categories-');

const roundOfReading = (seen: Observation) => JSON.stringify([seen.unit, seen.measure, roundKey(seen)]);

interface Chain {
  readonly byId: ReadonlyMap<string, Observation>;
  /** What corrects a reading, by the id of that. */
  readonly corrections: ReadonlyMap<string, Observation>;
}

/** All readings of the cells that these belong to. */
function chainOf(whole: Study, readings: readonly Observation[]): Chain {
  const cells = new Map(readings.map(({ measure, unit }) => [JSON.stringify([measure, unit]), cell(whole, measure, unit)]));
  const all = [...cells.values()].flatMap((own) => own.all);
  const corrections = new Map<string, Observation>();
  for (const seen of all) if (seen.replaces !== null && !corrections.has(seen.replaces)) corrections.set(seen.replaces, seen);
  return { byId: new Map(all.map((seen) => [seen.id, seen])), corrections };
}

/** A correction names a reading of the same unit and measure that nothing else corrects: a chain, never a fork or a ring. */
function wrongCorrection({ id, unit, measure, replaces }: Observation, { byId, corrections }: Chain): string | null {
  if (replaces === null) return null;
  const before = byId.get(replaces);
  if (replaces === id) return 'A reading cannot correct itself. Name an earlier one.';
  if (!before || before.unit !== unit || before.measure !== measure)
    return 'A correction must name an earlier reading of the same unit and measure.';
  const first = corrections.get(replaces);
  if (first && first.id !== id)
    return `This reading was corrected already, to ${first.value ?? 'no value'}. Load the experiment again, then correct that one.`;
  const passed = new Set([id]);
  for (let at: Observation | undefined = before; at; at = at.replaces === null ? undefined : byId.get(at.replaces)) {
    if (passed.has(at.id)) return 'These readings correct one another in a ring. One of them must be the first.';
    passed.add(at.id);
  }
  return null;
}
