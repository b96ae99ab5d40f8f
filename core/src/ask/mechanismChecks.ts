import { kindOf } from '../kinds';
import type { Experiment, WorksBy } from '../model';

const mechanisms = ['ground', 'sky', 'air', 'sound', 'nearness', 'eye'] as const;

/** Something that must be so for a claim to be able to show itself here, or for a fair test of it. */
export type Mechanism = (typeof mechanisms)[number];

/**
 * Whether the place of an experiment lets a claim work as it is said to, and whether it can reach the control.
 * @param experiment with its place, and through what its claim is said to work
 * @returns none where nothing stands against it
 */
export function mechanismChecks({ plan, measures, blinded }: Experiment): Mechanism[] {
  const works = (by: WorksBy) => plan.worksBy.includes(by);
  const inGround = plan.place === 'bed' || plan.place === 'ground';
  const isOutdoors = inGround || plan.bench.some(({ light }) => light === 'outdoors');
  const against: Readonly<Record<Mechanism, boolean>> = {
    ground: works('ground') && !inGround,
    sky: works('sky') && !isOutdoors,
    air: works('air'),
    sound: works('sound'),
    nearness: works('nearness') && plan.barriers.length === 0 && !works('air') && !works('sound'),
    eye: measures.some((measure) => measure.primary && kindOf(measure).byEye) && !blinded,
  };
  return mechanisms.filter((mechanism) => against[mechanism]);
}
