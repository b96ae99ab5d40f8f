import type { Experiment, Finding, Unit } from '../../model';

/** A unit without a label of its own, or two units on one place. */
export function identityRule({ units, plan }: Experiment): Finding[] {
  const finding = (message: string, remedy: string): Finding => ({ rule: 'identity', severity: 'serious', message, remedy });
  const findings: Finding[] = [];
  const bare = units.filter((unit) => unit.code.trim() === '');
  if (bare.length > 0)
    findings.push(
      finding(`${bare.length} have no label of their own.`, `Give every ${plan.unitNoun} its own label before anything goes in.`),
    );
  const places = new Map<string, Unit>();
  for (const unit of units) {
    if (unit.row === null || unit.column === null) continue;
    const key = `${unit.row}:${unit.column}`;
    const other = places.get(key);
    if (other && other.arm !== unit.arm) {
      findings.push(
        finding(
          `${other.code} and ${unit.code} share one place but not one arm. Later nobody can tell them apart.`,
          `Give each its own ${plan.unitNoun} and its own place.`,
        ),
      );
    }
    places.set(key, unit);
  }
  return findings;
}
