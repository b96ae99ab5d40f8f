import { primaryOf, type Study } from '../../model';
import { readingsOf } from '../../study/readings';
import type { Finding } from '../../words/findings';

const MOST = 0.7;

/** One person read most of one arm, and another most of another: people read differently. */
export function observerRule(study: Study): Finding<'observer'>[] {
  const { experiment } = study;
  const primary = primaryOf(experiment.measures);
  const armOf = new Map(experiment.units.map((unit) => [unit.code, unit.arm]));
  const cells = [...readingsOf(study, primary?.code ?? '').values()];
  const read = cells.flatMap(({ live }) => live).filter((seen) => seen.observer !== null);
  const leading = experiment.arms.flatMap((arm) => {
    const own = read.filter((seen) => armOf.get(seen.unit) === arm.code);
    const counts = new Map<string, number>();
    for (const { observer: name } of own) counts.set(name ?? '', (counts.get(name ?? '') ?? 0) + 1);
    const [most] = [...counts].sort((a, b) => b[1] - a[1]);
    return most && most[1] / own.length >= MOST ? [{ name: arm.name, observer: most[0] }] : [];
  });
  const [first] = leading;
  const other = leading.find(({ observer }) => observer !== first?.observer);
  return primary && first && other ? [{ rule: 'observer', severity: 'serious', facts: { first, other } }] : [];
}
