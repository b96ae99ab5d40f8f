import type { Experiment, Unit } from '../../model';

export interface ArmAmount {
  readonly arm: string;
  readonly amount: number;
}

/** So much for each unit, added up by arm; arms that take none are left out. */
export function perArm({ arms, units }: Pick<Experiment, 'arms' | 'units'>, each: (unit: Unit) => number): ArmAmount[] {
  return arms.flatMap(({ code: arm }) => {
    const amount = units.filter((unit) => unit.arm === arm).reduce((sum, unit) => sum + each(unit), 0);
    return amount > 0 ? [{ arm, amount }] : [];
  });
}

export const inAll = (arms: readonly ArmAmount[]): number => arms.reduce((sum, { amount }) => sum + amount, 0);

/** With what is to spare; whole things come whole. */
export const spared = (amount: number, spare: number): number => amount * (1 + spare / 100);
export const sparedWhole = (amount: number, spare: number): number => Math.ceil(spared(amount, spare) - 1e-9);
