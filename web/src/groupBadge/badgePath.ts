/** Outline of a stake: rounded shoulders, pointed foot. */
export function badgePath(width: number, height: number): string {
  const foot = height * 0.76;
  return `M3 0H${width - 3}Q${width} 0 ${width} 3V${foot}L${width / 2} ${height}L0 ${foot}V3Q0 0 3 0Z`;
}
