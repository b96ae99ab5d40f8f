import { kindOf } from '../kinds';
import type { Experiment, WorksBy } from '../model';

/** Something that must be so for a claim to be able to show itself here, or for a fair test of it. */
export interface MechanismCheck {
  readonly message: string;
  readonly remedy: string;
}

/**
 * Whether the place of an experiment lets a claim work as it is said to, and whether it can reach the control.
 * @param experiment with its place, and through what its claim is said to work
 * @returns none where nothing stands against it
 */
export function mechanismChecks({ plan, measures, blinded }: Experiment): MechanismCheck[] {
  const works = (by: WorksBy) => plan.worksBy.includes(by);
  const inGround = plan.place === 'bed' || plan.place === 'ground';
  const isOutdoors = inGround || plan.bench.some(({ light }) => light === 'outdoors');
  const notes: (MechanismCheck | null)[] = [
    works('ground') && !inGround
      ? {
          message: 'It is said to work through the ground, and these stand on a bench.',
          remedy: 'Test it in beds, or write down that the ground had no part in it.',
        }
      : null,
    works('sky') && !isOutdoors
      ? {
          message: 'It is said to come from the sky, and these stand indoors.',
          remedy: 'Put them outdoors, or write down that it could not reach them.',
        }
      : null,
    works('air')
      ? {
          message: 'What is in the air of one pot reaches the next.',
          remedy: 'Keep the groups in separate boxes or rooms, several of each, or well apart.',
        }
      : null,
    works('sound')
      ? { message: 'Sound fills a room, so the room is the unit.', remedy: 'Use two rooms and swap them, batch after batch.' }
      : null,
    works('nearness') && plan.barriers.length === 0 && !works('air') && !works('sound')
      ? { message: 'It could reach the control beside it.', remedy: 'Leave room or a barrier between the groups, and write down how much.' }
      : null,
    measures.some((measure) => measure.primary && kindOf(measure).byEye) && !blinded
      ? { message: 'What is judged by eye follows what one hopes.', remedy: 'Read it blind: give the control a dummy that looks the same.' }
      : null,
  ];
  return notes.filter((note) => note !== null);
}
