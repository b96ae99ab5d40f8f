import { mean } from '../../stats/moments';
import type { SproutingSummary } from '../../compare/ArmSummary';
import type { UnitData } from '../../model';
import { sproutIndices } from './sproutIndices';

/** An arm's sprouting indices, each the mean over the units that have one; null where fewer than two days were read. */
export function sproutingOfArm(arm: string, data: readonly UnitData[]): SproutingSummary | null {
  const own = data.filter(
    ({ unit, curve }) =>
      unit.arm === arm && unit.status !== 'excluded' && unit.status !== 'lost' && (unit.sown ?? 0) > 0 && curve.length > 1,
  );
  if (own.length === 0) return null;
  const indices = own.map(({ unit, curve }) => sproutIndices(curve, unit.sown ?? 0));
  const meanOf = (values: readonly (number | null | undefined)[]) =>
    mean(values.filter((value): value is number => typeof value === 'number'));
  return {
    t50Coolbear: meanOf(indices.map((index) => index.t50Coolbear)),
    t50Farooq: meanOf(indices.map((index) => index.t50Farooq)),
    meanTime: meanOf(indices.map((index) => index.time?.mean)),
    speed: meanOf(indices.map((index) => index.speed)),
    synchrony: meanOf(indices.map((index) => index.synchrony)),
  };
}
