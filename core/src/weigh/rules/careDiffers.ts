import type { Care, Finding, Study } from '../../model';
import { convert, dimensionOf } from '../../quantities/units';
import { unitsByArm } from '../../study/unitsByArm';

const MOST = 0.1;

/** Water or feed a unit differs by over a tenth between the arms, and is not what is tested. */
export function careDiffers(study: Study): Finding[] {
  const { experiment, care } = study;
  const tested = `${experiment.plan.changed} ${Object.keys(experiment.arms[0]?.factors ?? {}).join(' ')}`;
  const words = { water: /\b(water|wet|moist|drought|dry)/i, feed: /\b(feed|fertil|nutrient|food)/i };
  return (['water', 'feed'] as const).flatMap((kind): Finding[] => {
    if (words[kind].test(tested)) return [];
    const rows = care.filter((row) => row.kind === kind && row.amount !== null);
    const unit = commonUnit(rows);
    // Amounts that do not add are left alone.
    if (unit === null) return [];
    const amountOf = (row: Care) => convert(row.amount ?? 0, spelt(row.amountUnit), unit) ?? 0;
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

/** How a unit is spelt in the table of units. */
function spelt(unit: string | null): string {
  return (unit ?? '').replace(/^ml$/, 'mL').replace(/^l$/, 'L');
}

/** A unit in which all amounts can be given: mL for volumes, g for masses, else the one that all have. Null where there is none. */
function commonUnit(rows: readonly Care[]): string | null {
  const units = [...new Set(rows.map((row) => spelt(row.amountUnit)))];
  if (units.length === 0) return null;
  const base = { volume: 'mL', mass: 'g' };
  const dimension = dimensionOf(units[0]);
  const unit = dimension === 'volume' || dimension === 'mass' ? base[dimension] : units[0];
  return units.every((own) => convert(1, own, unit) !== null) ? unit : null;
}
