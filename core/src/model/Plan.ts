/** A condition that is kept the same in every arm, and how. */
export interface Kept {
  readonly what: string;
  readonly how: string;
}

/** Something done to the seeds or plants of some arms: a soak, a spray, a move. */
export interface Stage {
  readonly name: string;
  readonly arms: readonly string[];
  readonly hours: number | null;
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
  readonly stages: readonly Stage[];
  /** First guess of the SD between units of one arm: a share of the control's mean, or share points for a count. */
  readonly spreadGuess: number | null;
  /** First guess of the control's value in the primary measure: a share for a count, else in its own unit. */
  readonly controlGuess: number | null;
  /** What the control must reach in the primary measure for the result to mean anything; counts in per cent. */
  readonly controlBar: number | null;
  /** Share of units expected to be there at the end, 0 to 1. */
  readonly expectedSurvival: number | null;
  /** Plants kept in a unit after thinning; null where none are removed. */
  readonly plantsKept: number | null;
  readonly thinningRule: string;
  /** What could travel from a unit to its neighbour: "drips", "roots", "vapour", "light". */
  readonly canReach: readonly string[];
  readonly barriers: readonly string[];
  /** Conditions that experiments of this kind usually keep the same. */
  readonly usuallyKept: readonly string[];
  /** What the claim also promises and this experiment does not test. */
  readonly notTested: readonly string[];
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
  stages: [],
  spreadGuess: null,
  controlGuess: null,
  controlBar: null,
  expectedSurvival: null,
  plantsKept: null,
  thinningRule: '',
  canReach: [],
  barriers: [],
  usuallyKept: [],
  notTested: [],
};

export const emptyWriting: Writing = { background: '', discussion: '', conclusion: '', next: '' };
