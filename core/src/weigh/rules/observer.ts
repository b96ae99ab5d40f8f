import { itemAt } from '../../invariant';
import { primaryOf, type Finding, type Study } from '../../model';
import { readingsOf } from '../../study/readings';

const MOST = 0.7;

/** One person read most of one arm, and another most of another: people read differently. */
export function observerRule(study: Study): Finding[] {
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
    return most && most[1] / own.length >= MOST ? [{ arm: arm.name, name: most[0] }] : [];
  });
  const other = leading.find(({ name }) => name !== itemAt(leading, 0).name);
  if (!primary || !other) return [];
  return [
    {
      rule: 'observer',
      severity: 'serious',
      message: `${itemAt(leading, 0).name} read most of ${itemAt(leading, 0).arm}, and ${other.name} most of ${other.arm}. People count and measure differently.`,
      remedy: 'Let one person read all, or each read some of every arm.',
    },
  ];
}
