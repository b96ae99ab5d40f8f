/** A condition that is kept the same in every arm, and how. */
export interface Kept {
  readonly what: string;
  readonly how: string;
}

export type StageKind = 'soak' | 'spray' | 'open' | 'handle' | 'heat' | 'cold' | 'move' | 'other';

/** Something done to the seeds or plants of some arms: a soak, a spray, a move. */
export interface Stage {
  readonly name: string;
  readonly kind: StageKind;
  readonly arms: readonly string[];
  readonly hours: number | null;
  /** This is what is tested. Anything else that a treatment goes through, the control must go through as well. */
  readonly tested: boolean;
}

/** What the control must reach for the result to mean anything: at least or at most so much of a measure (counts in per cent). */
export interface ControlBar {
  readonly measure: string;
  readonly least: number | null;
  readonly most: number | null;
}

/** A shelf or tray of places; units stand at (row, column), rows counted on from shelf to shelf. */
export interface Shelf {
  readonly name: string;
  readonly rows: number;
  readonly columns: number;
  /** Where its light comes from. */
  readonly light: 'lamp' | 'window' | 'none';
}

/** A barrier between the place (row, column) and the one to its right. */
export interface Barrier {
  readonly row: number;
  readonly column: number;
}

/** What someone expects, and why, written before the first observation. */
export interface Prediction {
  readonly person: string;
  readonly expects: string;
  readonly reason: string;
  readonly on: string;
}

/** A change of the plan after the start. */
export interface Amendment {
  readonly on: string;
  readonly what: string;
  readonly reason: string;
}

/** What the plan says beyond the arms, units and measures themselves. */
export interface Plan {
  /** The plant in the grower's words: "radish". */
  readonly plant: string;
  /** What is changed on purpose: "salt in the water". */
  readonly changed: string;
  /** What one unit is called: "dish", "pot". */
  readonly unitWord: string;
  readonly kept: readonly Kept[];
  readonly materials: readonly string[];
  readonly steps: readonly string[];
  readonly cautions: readonly string[];
  /** When the experiment ends; without it no one knows when to stop counting. */
  readonly endRule: string;
  /** Seed of the shuffle that placed the units; null before the first shuffle. */
  readonly shuffleSeed: number | null;
  readonly bench: readonly Shelf[];
  /** The day on which the plan was frozen; null while it is a draft. */
  readonly frozenOn: string | null;
  readonly amendments: readonly Amendment[];
  readonly predictions: readonly Prediction[];
  readonly stages: readonly Stage[];
  /** First guess of the SD between units of one arm: a share of the control's mean, or share points for a count. */
  readonly spreadGuess: number | null;
  /** First guess of the control's value in the primary measure: a share for a count, else in its own unit. */
  readonly controlGuess: number | null;
  readonly controlBars: readonly ControlBar[];
  /** Share of units expected to be there at the end, 0 to 1. */
  readonly expectedSurvival: number | null;
  /** Plants kept in a unit after thinning; null where none are removed. */
  readonly plantsKept: number | null;
  readonly thinningRule: string;
  /** What could travel from a unit to its neighbour: "drips", "roots", "vapour", "light". */
  readonly canReach: readonly string[];
  readonly barriers: readonly Barrier[];
  /** Conditions that experiments of this kind usually keep the same. */
  readonly usuallyKept: readonly string[];
  /** What the claim also promises and this experiment does not test. */
  readonly notTested: readonly string[];
  /** What often goes wrong in experiments of this kind. */
  readonly troubles: readonly string[];
  /** What one does with each outcome, where the verdict alone does not say it. */
  readonly decision: string;
}

/** The parts of the report that only the writer can write, as typed. */
export interface Writing {
  readonly background: string;
  readonly discussion: string;
  readonly conclusion: string;
  readonly next: string;
}

/** A plan of which nothing has been said yet. */
export const emptyPlan: Plan = {
  plant: '',
  changed: '',
  unitWord: 'unit',
  kept: [],
  materials: [],
  steps: [],
  cautions: [],
  endRule: '',
  shuffleSeed: null,
  bench: [],
  frozenOn: null,
  amendments: [],
  predictions: [],
  stages: [],
  spreadGuess: null,
  controlGuess: null,
  controlBars: [],
  expectedSurvival: null,
  plantsKept: null,
  thinningRule: '',
  canReach: [],
  barriers: [],
  usuallyKept: [],
  notTested: [],
  troubles: [],
  decision: '',
};

export const emptyWriting: Writing = { background: '', discussion: '', conclusion: '', next: '' };
