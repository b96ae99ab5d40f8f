import type { Arm, ControlLimit, Hazard, KeptSame, KitNeeds, Layout, Measure, Plan, Shelf, Stage } from '../model';
import type { VerdictCode } from '../compare/judge';
import type { Process, Truth } from '../model/Truth';

export type Theme =
  'frames' | 'sprouting' | 'light' | 'water' | 'soil-life' | 'growing-claims' | 'cuttings-and-containers' | 'roots-in-water';

export const themes: readonly { readonly theme: Theme; readonly title: string }[] = [
  { theme: 'frames', title: 'Empty frames' },
  { theme: 'sprouting', title: 'Sprouting' },
  { theme: 'light', title: 'Light' },
  { theme: 'water', title: 'Water' },
  { theme: 'soil-life', title: 'Soil life' },
  { theme: 'growing-claims', title: 'Growing claims' },
  { theme: 'cuttings-and-containers', title: 'Cuttings and containers' },
  { theme: 'roots-in-water', title: 'Roots in water' },
];

/** A measure of a ready-made question with what the simulator assumes of it when the question is tried out. */
export interface QuestionMeasure extends Measure {
  /** Null where it follows from other measures. */
  readonly usual: Process | null;
}

/** Something that units have in common, or each by itself: a lamp, a tank, a jar to soak in. */
export interface SharedThing {
  /** One word in the singular. */
  readonly what: string;
  /** One for all; one a block, for all arms; several an arm, which no other arm has; or one to each unit. */
  readonly by: 'all' | 'block' | 'arm' | 'unit';
  /** How many an arm has; with `arm` alone. */
  readonly many?: number;
}

/** Where units start one after another: so many days between blocks, and between the arms of a pair, of which each comes first in turn. */
interface Batches {
  readonly everyDays: number;
  readonly armsApart?: number;
}

/** A ready-made question: everything that a plan for it starts from. All of it can be changed. */
export interface ReadyQuestion {
  readonly id: string;
  readonly theme: Theme;
  readonly title: string;
  /** One line on why people ask it. */
  readonly about: string;
  /** What someone may type to find it: plants, treatments, worries. */
  readonly words: readonly string[];
  readonly plant: string;
  readonly changed: string;
  readonly question: string;
  readonly arms: readonly Arm[];
  readonly unitNoun: string;
  readonly propagule: Plan['propagule'];
  readonly place: Plan['place'];
  readonly unitsPerArm: number;
  /** Seeds or cuttings a unit; null where nothing is counted out of a number. */
  readonly sown: number | null;
  readonly layout: Layout;
  readonly blocks: number;
  /** What the blocks are, where they are more than places: two kinds of seed, the halves of a bed; empty for letters. */
  readonly blockNames: readonly string[];
  readonly light: Shelf['light'];
  readonly shares: readonly SharedThing[];
  readonly batches: Batches | null;
  /** Whoever reads does not know the arm. */
  readonly blind: boolean;
  /** Age in years from which it can be done with help. */
  readonly agesFrom: number;
  /** Chance of a clear answer where the difference is as large as matters; held by a test. */
  readonly chance: number;
  /** What it cannot promise, in its own words; empty where the chance is good. */
  readonly unsure: string;
  /** What a run of it mostly comes to where the usual is true. */
  readonly mostly: readonly VerdictCode[];
  readonly measures: readonly QuestionMeasure[];
  /** Empty where it is the last day on which anything is read. */
  readonly endRule: string;
  readonly kept: readonly KeptSame[];
  readonly stages: readonly Stage[];
  /** What the kit is worked out from beyond groups, units and seeds. */
  readonly kit: Partial<KitNeeds>;
  readonly steps: readonly string[];
  /** What can hurt someone beyond what steps, place, lamps and seed bring with them. */
  readonly hazards: readonly Hazard[];
  /** What no hazard says: of this plant, this dose. */
  readonly cautions: readonly string[];
  readonly commonMistakes: readonly string[];
  readonly notTested: readonly string[];
  /** SD between units as a share of the control's mean; share points for a count. */
  readonly spreadGuess: number;
  /** The control's value in the primary measure: a share for a count. */
  readonly controlGuess: number;
  readonly controlLimits: readonly ControlLimit[];
  readonly expectedSurvival: number | null;
  readonly plantsKept: number | null;
  readonly thinningRule: string;
  readonly onPurpose: Plan['onPurpose'];
  readonly spilloverRoutes: readonly string[];
  /** Spreads for a trial run; what is missing is a usual value. */
  readonly usualTruth: Partial<Truth>;
  /** What one does with each outcome, where the verdict alone does not say it. */
  readonly decision: string;
}
