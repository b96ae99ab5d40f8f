import type { Arm, Experiment, Unit } from '../model';

export interface ArmUnits {
  readonly arm: Arm;
  readonly units: readonly Unit[];
}

/** Units that can count, by arm that is compared; reference arms and excluded units take no part. */
export function unitsByArm({ arms, units }: Pick<Experiment, 'arms' | 'units'>): ArmUnits[] {
  return arms
    .filter((arm) => arm.role !== 'reference')
    .map((arm) => ({ arm, units: units.filter((unit) => unit.arm === arm.code && unit.status !== 'excluded') }));
}
