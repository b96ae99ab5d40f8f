const ONE: Readonly<Record<string, string>> = { days: 'day', 'percentage points': 'percentage point' };

/**
 * A number with its unit: "31 percentage points", "1 day", "3.2 cm", "12%", "30°".
 * @param number as shown
 * @param unit of a measure, a dose or a difference; empty for none
 * @example sized('12', '%') // '12%'
 */
export function sized(number: string, unit: string): string {
  if (unit === '') return number;
  return unit === '%' || unit === '°' ? `${number}${unit}` : `${number} ${number === '1' ? (ONE[unit] ?? unit) : unit}`;
}
