import type { Care, Finding, Study } from '../../model';
import { unitsByArm } from '../../plan/rules/unitsByArm';

const MOST = 0.1;
/** Common practice: kitchen and bench volumes and masses in one unit each. */
const inBase: Readonly<Record<string, readonly [string, number]>> = {
  mL: ['mL', 1],
  ml: ['mL', 1],
  L: ['mL', 1000],
  l: ['mL', 1000],
  g: ['g', 1],
  mg: ['g', 0.001],
  kg: ['g', 1000],
};

/** Water or feed a unit differs by over a tenth between the arms, and is not what is tested. */
export function careDiffers(study: Study): Finding[] {
  const { experiment, care } = study;
  const tested = `${experiment.plan.changed} ${Object.keys(experiment.arms[0]?.factors ?? {}).join(' ')}`;
  const words = { water: /\b(water|wet|moist|drought|dry)/i, feed: /\b(feed|fertil|nutrient|food)/i };
  return (['water', 'feed'] as const).flatMap((kind): Finding[] => {
    if (words[kind].test(tested)) return [];
    const rows = care.filter((row) => row.kind === kind && row.amount !== null);
    const units = new Set(rows.map((row) => inBase[row.amountUnit ?? '']?.[0] ?? row.amountUnit ?? ''));
    const [unit] = units;
    // Amounts that do not add are left alone.
    if (units.size !== 1) return [];
    const each = unitsByArm(experiment)
      .filter(({ units: own }) => own.length > 0)
      .map(({ arm, units: own }) => {
        const codes = new Set(own.map((u) => u.unit));
        const given = rows.filter((row) => (row.unit !== null ? codes.has(row.unit) : row.arm === null || row.arm === arm.arm));
        return {
          name: arm.name,
          amount:
            given.reduce((sum, row) => sum + amountOf(row) * (row.unit !== null || row.arm !== null ? 1 : own.length), 0) / own.length,
        };
      });
    const amounts = each.map(({ amount }) => amount);
    const [low, high] = [Math.min(...amounts), Math.max(...amounts)];
    if (each.length < 2 || high === 0 || (high - low) / high <= MOST) return [];
    return [
      {
        rule: 'care-differs',
        severity: 'serious',
        message: `The arms did not get as much ${kind}: ${each.map(({ name, amount }) => `${name} ${Math.round(amount * 10) / 10} ${unit} each`).join(', ')}.`,
        remedy: 'Say it beside the result. Next time give each the same, or water by weight.',
      },
    ];
  });
}

function amountOf(row: Care): number {
  return (row.amount ?? 0) * (inBase[row.amountUnit ?? '']?.[1] ?? 1);
}
