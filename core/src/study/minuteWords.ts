/**
 * Minutes as one says them.
 * @param minutes 0 or more
 * @returns "45 min", "1 h 20 min", "3 d 4 h"
 */
export function minuteWords(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  if (whole < 48 * 60) return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
  const hours = Math.round(whole / 60);
  return hours % 24 === 0 ? `${hours / 24} d` : `${Math.floor(hours / 24)} d ${hours % 24} h`;
}
