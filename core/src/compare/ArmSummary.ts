import type { Role } from '../model';
import type { SurvivalStep } from '../stats/kaplanMeier';
import type { Interval } from '../stats/meanInterval';

/** What one arm did; numbers that cannot be computed are null. */
export interface ArmSummary {
  readonly arm: string;
  readonly role: Role;
  /** Units with a value. */
  readonly units: number;
  readonly mean: number | null;
  readonly sd: number | null;
  readonly ci95: Interval | null;
  readonly median: number | null;
  readonly successes?: number;
  readonly trials?: number;
  readonly proportion?: number | null;
  /** Interval of the mean over the units' proportions, which the picture shows; `ci95` of a count is Wilson's over all sown. */
  readonly unitsCi95?: Interval | null;
  /** Units at each step of a rating, by step. */
  readonly steps?: Readonly<Record<string, number>>;
  /** How fast and evenly seeds sprouted, each the mean over the units that have it; counts of the sown read on two days or more. */
  readonly sprouting?: SproutingSummary;
  readonly events?: number;
  readonly censored?: number;
  readonly restrictedMean?: number | null;
  readonly survival?: readonly SurvivalStep[];
}

/** Means over units: half sprouted (days, Coolbear and Farooq), mean days, sprouts a day (Maguire), synchrony from 0 to 1. */
export interface SproutingSummary {
  readonly t50Coolbear: number | null;
  readonly t50Farooq: number | null;
  readonly meanTime: number | null;
  readonly speed: number | null;
  readonly synchrony: number | null;
}
