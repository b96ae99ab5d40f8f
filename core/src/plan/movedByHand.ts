import type { Experiment } from '../model';
import { dealAnew } from './redesign';

/**
 * Units that do not stand where the shuffle of the printed seed put them: moved by hand, or laid out in another way. The layout is made
 * again from the seed, so nothing has to be remembered.
 * @returns codes of the units; null where there was no shuffle
 */
export function movedByHand(experiment: Experiment): string[] | null {
  const { randomisationSeed } = experiment.plan;
  if (randomisationSeed === null) return null;
  // What was added after the start was never in the shuffle.
  const first = experiment.units.filter(({ startedOn }) => startedOn === null);
  const shuffled = first.length > 0 ? { ...experiment, units: first } : experiment;
  // A bench made wider or narrower, or another word for the unit, moves nothing: of the widths it may have been dealt at, the closest counts.
  const widths = new Set([12, ...experiment.plan.bench.map((shelf) => shelf.columns)]);
  return [...widths]
    .map((columns) => {
      const dealt = new Map(dealAnew(shuffled, { columns, seed: randomisationSeed }).units.map((unit) => [numberOf(unit.code), unit]));
      return shuffled.units
        .filter((unit) => {
          const there = dealt.get(numberOf(unit.code));
          return !there || there.row !== unit.row || there.column !== unit.column || there.arm !== unit.arm;
        })
        .map((unit) => unit.code);
    })
    .reduce((least, moved) => (moved.length < least.length ? moved : least));
}

/** The number in a unit's code; its letter follows the word for the unit, which may change. */
function numberOf(code: string): string {
  return /\d+$/.exec(code)?.[0] ?? code;
}
