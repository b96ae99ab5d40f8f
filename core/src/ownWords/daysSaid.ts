const DAY = /(?<!\p{L})days? (\d{1,4})(?!\p{N})/giu;

/** A day after the start, as a text names it. */
interface DaySaid {
  /** As it stands there: "day 21". */
  readonly says: string;
  readonly day: number;
}

/**
 * Days after the start that a text names.
 * @param text somebody's own words
 */
export const daysSaid = (text: string): DaySaid[] => [...text.matchAll(DAY)].map(([says, day]) => ({ says, day: Number(day) }));
