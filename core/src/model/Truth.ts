/** A number for each arm by its code; arms that are not named get the value under ''. */
export type ByArm = Readonly<Record<string, number>>;

/** Where the plants stand: what limits growth. */
export interface Conditions {
  /** Mean air temperature, °C. */
  readonly temperature: number;
  /** Daily light, mol m⁻² d⁻¹. */
  readonly light: number;
  /** Water and nutrients as a share of what the plant could use, 0 to 1. */
  readonly water: number;
  readonly nutrients: number;
}

/** What makes a measure's readings. */
export type Process =
  /** Seeds sprout when they have had enough warmth: `thermalTime` in °C d above `base`, lognormal between seeds. */
  | {
      readonly process: 'sprouting';
      readonly share: ByArm;
      readonly thermalTime: ByArm;
      readonly base: number;
      readonly seedSpread: number;
    }
  /** Logistic growth day by day, limited by the scarcest condition; `reads` says what is measured of the plant. */
  | {
      readonly process: 'growth';
      readonly reads: 'height' | 'mass' | 'legginess';
      /** Size of a fully grown plant, in the measure's unit. */
      readonly size: number;
      /** Relative growth a day under ideal conditions. */
      readonly rate: number;
      /** Multiplies the growth rate. */
      readonly effect: ByArm;
      /** From this day the effect is another one: early help can become late harm. */
      readonly turns?: { readonly day: number; readonly effect: ByArm };
    }
  /** Anything that nears a level: water lost, mass lost. `rate` is the share of the gap closed in a day. */
  | { readonly process: 'level'; readonly level: ByArm; readonly rate: number }
  /** A share of what was put in shows it in the end, from `from` to `to` days on: rooted, with symptoms. */
  | { readonly process: 'share'; readonly share: ByArm; readonly from: number; readonly to: number }
  /** A step of a rubric around a level. */
  | { readonly process: 'rating'; readonly level: ByArm; readonly spread: number }
  /** The day on which it happens, lognormal around a median. */
  | { readonly process: 'event'; readonly days: ByArm; readonly spread: number }
  /** An amount at each picking. */
  | { readonly process: 'harvest'; readonly each: ByArm; readonly spread: number };

/** The hidden truth behind simulated readings; it travels with them. */
export interface Truth {
  readonly measures: Readonly<Record<string, Process>>;
  readonly conditions: Conditions;
  readonly armConditions: Readonly<Record<string, Partial<Conditions>>>;
  /** Spreads as shares (SD on the log scale). */
  readonly unitSpread: number;
  readonly plantSpread: number;
  readonly daySpread: number;
  readonly observerSpread: number;
  /** Gain in the bright middle of the bench and loss in its cold corner, as shares. */
  readonly brightMiddle: number;
  readonly coldCorner: number;
  /** Chance that a unit is lost before the end, and that a unit never starts. */
  readonly losses: number;
  readonly duds: number;
  /** Pests from this day on that slow a share of the units. */
  readonly pest: { readonly day: number; readonly share: number; readonly harm: number } | null;
}

export const ideal: Conditions = { temperature: 21, light: 12, water: 1, nutrients: 1 };

/**
 * A truth in which nothing but the named processes happens.
 * @param measures by code: what each arm truly does
 * @param more processes that do happen: losses, a bright end, an observer who errs
 * @returns a truth for `simulateStudy`
 */
export function plainTruth(measures: Truth['measures'], more: Partial<Truth> = {}): Truth {
  return {
    measures,
    conditions: ideal,
    armConditions: {},
    unitSpread: 0,
    plantSpread: 0,
    daySpread: 0,
    observerSpread: 0,
    brightMiddle: 0,
    coldCorner: 0,
    losses: 0,
    duds: 0,
    pest: null,
    ...more,
  };
}

/**
 * The number for an arm.
 * @param values one for all arms, or one an arm
 * @param arm its code
 * @returns the arm's own where it has one, else that of all
 */
export function forArm(values: ByArm, arm: string): number {
  return values[arm] ?? values[''] ?? 0;
}
