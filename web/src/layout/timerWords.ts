/** "01:12:40", "3 d 04:10:00" of so many seconds; without its sign. */
export function clockOf(seconds: number): string {
  const whole = Math.abs(seconds);
  const two = (value: number) => String(value).padStart(2, '0');
  const days = Math.floor(whole / 86_400);
  const clock = `${two(Math.floor((whole % 86_400) / 3600))}:${two(Math.floor((whole % 3600) / 60))}:${two(whole % 60)}`;
  return days === 0 ? clock : `${days} d ${clock}`;
}
