import type { Experiment } from '../../model';
import { movedByHand } from '../../plan/movedByHand';

/**
 * What the report and the check say of the places: the shuffle number, and what was moved since.
 * @returns a sentence or two
 */
export function placesInWords(experiment: Experiment): string {
  const { randomisationSeed, fixedPlaces } = experiment.plan;
  if (fixedPlaces) return 'The positions are fixed and could not be shuffled: each group has its own side.';
  const moved = movedByHand(experiment);
  if (moved === null) return 'The places were not shuffled.';
  if (moved.length === 0) return `The places were shuffled. Shuffle number ${randomisationSeed} makes the same layout again.`;
  const few = moved.length <= 6 ? `: ${moved.join(', ')}` : '';
  return `The places were shuffled (shuffle number ${randomisationSeed}), then ${moved.length} of ${experiment.units.length} were moved by hand${few}.`;
}
