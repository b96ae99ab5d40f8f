import type { ArmSummary } from '../compare/ArmSummary';
import type { Compared, Comparisons } from '../compare/Compared';
import type { UnitValue } from '../compare/Contrast';
import type { Arm, CurvePoint, Measure, RubricStep, Unit, UnitData, Valued } from '../model';
import type { Random } from '../stats/random';

/** What each plant of a unit read on a day: day → plant → value. A unit without plants of their own has one under ''. */
export type Daily = ReadonlyMap<number, ReadonlyMap<string, number>>;

/** What was read of one unit. */
export interface Readings {
  /** Day 0 of the unit; null where nothing has started, then its first reading is day 0. */
  readonly start: string | null;
  /** Live readings of a measure that have a value, by its code, in the order in which they came in. */
  readonly of: (measure: string) => readonly Valued[];
  /** Unit of measure of a measure, by its code. */
  readonly unit: (measure: string) => string;
  /** What another measure of the same unit came to, by its code. */
  readonly daily: (measure: string) => Daily;
  /** Whether a measure is read on one day alone, by its code: what it came to holds from then on, as a mass before. */
  readonly once: (measure: string) => boolean;
}

/** Something about a reading that is unlikely, and that a second look should settle. */
export interface Doubt {
  readonly rule: 'more-than-sown' | 'total-falls' | 'ten-times' | 'taken-back';
  readonly message: string;
}

export interface ReadingContext {
  readonly measure: Measure;
  readonly unit: Pick<Unit, 'code' | 'sown'>;
  /** The unit's own reading before this one; null if there is none. */
  readonly before: Pick<Valued, 'value' | 'observedOn'> | null;
  /** What the other units read on the same round, in order of size. */
  readonly others: readonly number[];
}

/** How differences of a measure are put in words. */
export interface Wording {
  readonly measure: string;
  readonly unit: string;
  /** Multiplies stored differences for display: 100 for shares. */
  readonly scale: number;
  readonly more: string;
  readonly less: string;
}

/** One measure as it is weighed up: the curves of all units, and whether a count is compared as shares of the sown. */
export interface Weighed {
  readonly measure: Measure;
  readonly data: readonly UnitData[];
  readonly share: boolean;
  /** The values that are compared, one a replicate: a unit, or a container that holds one arm only. */
  readonly values: readonly UnitValue[];
  /** The same unit by unit. */
  readonly unitValues: readonly UnitValue[];
}

/** A column of the table of what each arm did. */
interface ArmColumn {
  readonly head: string;
  readonly cell: (summary: ArmSummary) => string;
}

/** What a design that is played through says of a replicate. */
export interface Played {
  readonly measure: Measure;
  readonly share: boolean;
  readonly sown: number;
  /** How far replicates differ by themselves (SD), in the unit of the values. */
  readonly spread: number;
}

/** Everything that follows from what sort of reading a measure is. One file a kind, one line each in the table. */
export interface Kind {
  // On the screen.
  /** What the plan's page calls it. */
  readonly label: string;
  /** What Today asks for: "Count sprouts in 6 dishes". */
  readonly verb: string;
  /** How it is entered on a walk; `none` is worked out and never typed. */
  readonly entry: 'tally' | 'keypad' | 'choices' | 'none';
  /** About how long one reading takes, s (common practice). */
  readonly seconds: number;
  readonly question: (measure: Measure) => string;
  /** What can be chosen, for kinds that are entered by choice. */
  readonly choices: (measure: Measure) => readonly RubricStep[];
  /** The person chooses its unit. */
  readonly ownUnit: boolean;
  /** Its steps are described in words. */
  readonly hasSteps: boolean;
  /** Its values follow from a formula. */
  readonly hasFormula: boolean;
  /** What a measure that becomes of this kind starts with. */
  readonly fresh: Pick<Measure, 'unit' | 'when' | 'rubric' | 'derived'>;

  // What it is.
  /** Counted out of what was sown, where that is known. */
  readonly ofSown: boolean;
  /** A judgement by eye or tongue: what we expect is what we see. */
  readonly byEye: boolean;
  /** Its value is a day: later or sooner, and some have not had it yet. */
  readonly timed: boolean;
  /** Readings of one walk add up, so that two are no contradiction. */
  readonly adds: boolean;
  /** A reading, or all that was read up to its day, is the whole state then, so that a change of the lead can be seen between days. */
  readonly leads: boolean;

  // How it is read.
  /** Why a number cannot be a reading of this kind; null where it can. */
  readonly refuse: (value: number, measure: Pick<Measure, 'name' | 'rubric'>) => string | null;
  /** What a second look should settle about a reading that can be. */
  readonly doubts: (value: number, context: ReadingContext) => readonly Doubt[];
  /** What is wrong with such a measure in the plan; null where nothing is. */
  readonly misplanned: (measure: Measure, all: readonly Measure[]) => string | null;

  // How readings become one value a unit.
  /** Codes of the measures whose readings make its values: its own, or those of its formula. */
  readonly from: (measure: Measure) => readonly string[];
  readonly daily: (measure: Measure, readings: Readings) => Daily;
  /** How the plants of a unit make one value. */
  readonly plants: 'mean' | 'sum';
  /** The one value that is compared, as the measure's `when` says; null where it was not read. */
  readonly end: (measure: Measure, curve: readonly CurvePoint[]) => number | null;
  /** @param compared codes of the arms that are compared */
  readonly values: (measure: Measure, data: readonly UnitData[], share: boolean, compared: readonly string[]) => UnitValue[];

  // How arms are told apart.
  readonly wording: (measure: Measure, share: boolean) => Wording;
  /** Unit in which the smallest difference that matters is set. */
  readonly mattersIn: (measure: Measure, share: boolean) => string;
  /** @param compared codes of the arms that are compared */
  readonly summarise: (
    arm: Arm,
    weighed: Weighed,
    options: { readonly beside: boolean; readonly compared: readonly string[] },
  ) => ArmSummary;
  /** @param weighed with the data of the compared arms only */
  readonly compare: (compared: Compared, weighed: Weighed) => Comparisons;
  readonly columns: (measure: Measure, share: boolean) => readonly ArmColumn[];
  /** Dots a unit with the arm's mean, counts of the steps of a rating, or days over time. */
  readonly picture: 'dots' | 'steps' | 'days';

  // What a design that is played through reads.
  /** What one replicate reads around a middle, in the unit of the values. */
  readonly one: (design: Played, middle: number, source: Random) => number;
}
