const MINUTES = 24 * 60;
const MOST_DAYS = 3650;

/** A day or a moment as it is written, as the source of a pattern. */
export const MOMENT = '(\\d+|\\d+min|\\d+h(\\d{1,2})?)';

/**
 * A day after the start, or a moment under a day, as people write it.
 * @param days in days; minutes are the finest
 * @returns as `3`, `10min`, `8h`, `1h30`
 */
export function momentWords(days: number): string {
  if (Number.isInteger(days)) return String(days);
  const minutes = Math.round(days * MINUTES);
  const [hours, left] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return `${left}min`;
  return `${hours}h${left === 0 ? '' : String(left).padStart(2, '0')}`;
}

/**
 * The same read back.
 * @param written as `3`, `10min`, `8h`, `1h30`
 * @returns in days
 */
export function momentDays(written: string): number {
  if (written.endsWith('min')) return parseInt(written, 10) / MINUTES;
  const [hours, minutes] = written.split('h');
  return minutes === undefined ? Number(hours) : (Number(hours) * 60 + Number(minutes)) / MINUTES;
}

/**
 * Days and moments as typed one after another, with spaces, commas or semicolons between.
 * @param text as typed
 * @returns in days, in order and each once; or the first part that is none
 * @example typedDays('3, 10min 5') // { days: [10 / 1440, 3, 5] }
 */
export function typedDays(text: string): { readonly days: readonly number[] } | { readonly not: string } {
  const parts = text.split(/[\s,;]+/).filter(Boolean);
  const not = parts.find((part) => !new RegExp(`^${MOMENT}$`).test(part) || momentDays(part) > MOST_DAYS);
  if (not !== undefined) return { not };
  return { days: [...new Set(parts.map(momentDays))].sort((a, b) => a - b) };
}
