import type { Arm } from '../model';
import { kaplanMeier, medianTime } from '../stats/kaplanMeier';
import { meanInterval } from '../stats/meanInterval';
import { mean, median, sd } from '../stats/moments';
import { restrictedMean } from '../stats/restrictedMean';
import { wilson } from '../stats/wilson';
import { valuesOf } from '../compare/Compared';
import { followedUntil, type UnitEvent } from '../compare/events';
import type { Tally } from '../compare/singleCounts';
import type { ArmSummary } from '../compare/ArmSummary';
import type { UnitValue } from '../compare/Contrast';

/** What an arm did in an amount or a harvest: one value a unit. */
export function summariseValues(arm: Arm, all: readonly UnitValue[]): ArmSummary {
  const values = valuesOf(all, arm.code);
  return {
    ...base(arm),
    units: values.length,
    mean: mean(values),
    sd: sd(values),
    ci95: meanInterval(values),
    median: median(values),
  };
}

/** What an arm did in a count of the sown: the units' shares, and Wilson's interval over all sown. */
export function summariseShares(arm: Arm, all: readonly UnitValue[], tally: Tally | undefined): ArmSummary {
  const shares = valuesOf(all, arm.code);
  const [successes, trials] = tally ?? [0, 0];
  return {
    ...base(arm),
    units: shares.length,
    mean: mean(shares),
    sd: sd(shares),
    ci95: wilson(successes, trials),
    median: median(shares),
    successes,
    trials,
    proportion: trials > 0 ? successes / trials : null,
    unitsCi95: meanInterval(shares),
  };
}

/** When an event came in an arm: the Kaplan–Meier curve with its median, and the mean up to the last day that all arms were followed. */
export function summariseEvents(
  arm: Arm,
  times: readonly UnitEvent[],
  values: readonly UnitValue[],
  compared: readonly string[],
): ArmSummary {
  const own = times.filter((unit) => unit.arm === arm.code);
  const steps = kaplanMeier(own);
  const present = compared.filter((code) => times.some((unit) => unit.arm === code));
  const events = own.filter((unit) => unit.happened).length;
  return {
    ...base(arm),
    units: valuesOf(values, arm.code).length,
    mean: null,
    sd: null,
    ci95: null,
    median: medianTime(steps),
    events,
    censored: own.length - events,
    restrictedMean: present.length > 0 ? (restrictedMean(own, followedUntil(times, present))?.mean ?? null) : null,
    survival: steps,
  };
}

function base(arm: Arm): Pick<ArmSummary, 'arm' | 'role'> {
  return { arm: arm.code, role: arm.role };
}
