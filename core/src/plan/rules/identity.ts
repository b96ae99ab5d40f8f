import type { Experiment, Unit } from '../../model';
import type { Finding } from '../../words/findings';

/** A unit without a label of its own, or two units on one place. */
export function identityRule({ units, plan }: Experiment): Finding<'identity'>[] {
  const unit = plan.unitNoun;
  const finding = (facts: Finding<'identity'>['facts']): Finding<'identity'> => ({ rule: 'identity', severity: 'serious', facts });
  const findings: Finding<'identity'>[] = [];
  const bare = units.filter(({ code }) => code.trim() === '');
  if (bare.length > 0) findings.push(finding({ is: 'no-label', count: bare.length, unit }));
  const places = new Map<string, Unit>();
  for (const own of units) {
    if (own.row === null || own.column === null) continue;
    const key = `${own.row}:${own.column}`;
    const other = places.get(key);
    if (other && other.arm !== own.arm) findings.push(finding({ is: 'one-position', codes: [other.code, own.code], unit }));
    places.set(key, own);
  }
  return findings;
}
