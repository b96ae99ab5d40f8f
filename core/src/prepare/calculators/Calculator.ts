/** One thing that is asked for: a number with a unit, several of them, a ratio, a clock, or one of a few ways. */
export interface Ask {
  readonly id: string;
  readonly label: string;
  readonly kind: 'number' | 'list' | 'ratio' | 'clock' | 'choice';
  /** In which a number is wanted, and in which it is handed on; empty for a plain number. */
  readonly unit: string;
  /** What stands there at first, as one would type it. */
  readonly example: string;
  readonly choices: readonly { readonly value: string; readonly label: string }[];
  readonly least: number;
  readonly most: number;
  /** The lowest number itself is too little. */
  readonly above: boolean;
  readonly whole: boolean;
  /** May stay empty. */
  readonly optional: boolean;
  /** Why it cannot be more or less than that: "seeds come whole". */
  readonly why: string;
}

/** One number that comes out. */
export interface Line {
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  /** It is weighed or poured, so that one wants to know with what. */
  readonly measured?: boolean;
}

/** Something that comes out in words: a class, a time of day. */
export interface Told {
  readonly label: string;
  readonly words: string;
}

export interface Worked {
  readonly lines: readonly (Line | Told)[];
  /** The formula with the numbers in it. */
  readonly formula: string;
  readonly note?: string;
}

/** Why a wish cannot be met, beside the field that would have to give. */
export interface Refused {
  readonly field: string;
  readonly why: string;
}

/** What was filled in, each in the unit of its field. What may stay empty may be missing. */
export interface Given {
  readonly numbers: Readonly<Record<string, number>>;
  readonly lists: Readonly<Record<string, readonly number[]>>;
  readonly choices: Readonly<Record<string, string>>;
}

export type CalculatorTheme = 'mixes' | 'solutions' | 'seed' | 'light' | 'air' | 'water' | 'growth' | 'soil' | 'units';

/** A calculator: what it asks for, what it makes of it, and where the formula comes from. */
export interface Calculator {
  readonly id: string;
  readonly theme: CalculatorTheme;
  readonly title: string;
  /** When one needs it, in a sentence. */
  readonly about: string;
  /** What someone may type to find it. */
  readonly words: readonly string[];
  readonly asks: readonly Ask[];
  readonly work: (given: Given) => Worked | Refused;
  readonly source: string;
  readonly caution?: string;
}

export const calculatorThemes: readonly { readonly theme: CalculatorTheme; readonly title: string }[] = [
  { theme: 'mixes', title: 'Mixes' },
  { theme: 'solutions', title: 'Solutions' },
  { theme: 'seed', title: 'Seed' },
  { theme: 'light', title: 'Light' },
  { theme: 'air', title: 'Warmth and air' },
  { theme: 'water', title: 'Water' },
  { theme: 'growth', title: 'Growth' },
  { theme: 'soil', title: 'Soil' },
  { theme: 'units', title: 'Units' },
];
