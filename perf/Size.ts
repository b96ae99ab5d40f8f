/** How much a script does: all of it, or little, to see that it still runs. */
export interface Size {
  readonly rounds: number;
  /** Of the largest study. */
  readonly readings: number;
  /** For how long people post. */
  readonly seconds: number;
}

export const whole: Size = { rounds: 7, readings: 100_000, seconds: 6 };
export const small: Size = { rounds: 1, readings: 400, seconds: 0.3 };
