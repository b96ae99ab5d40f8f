import { itemAt } from '../invariant';
import type { Care, Study, Unit } from '../model';
import { convert, dimensionOf } from '../quantities/units';
import { liveCare } from './liveEntries';
import { unitsByArm } from './unitsByArm';

/** What the units of an arm were given in all, and each of them on average. */
export interface CareTotal {
  readonly arm: string;
  readonly name: string;
  readonly all: number;
  readonly each: number;
}

/**
 * What each arm was given of water or feed.
 * @param study with its care
 * @param kind of care
 * @returns a total an arm in one unit of measure; null where nothing was given in amounts, or in amounts that do not add
 */
export function careTotals(study: Study, kind: Care['kind']): { readonly unit: string; readonly arms: readonly CareTotal[] } | null {
  const rows = liveCare(study).filter((row) => row.kind === kind && row.amount !== null);
  const unit = commonUnit(rows);
  if (unit === null) return null;
  const arms = unitsByArm(study.experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => {
      const all = givenTo(arm.code, units, rows, unit);
      return { arm: arm.code, name: arm.name, all, each: all / units.length };
    });
  return { unit, arms };
}

/** All that the units of an arm were given. */
function givenTo(arm: string, own: readonly Unit[], rows: readonly Care[], unit: string): number {
  const codes = new Set(own.map((u) => u.code));
  const times = ({ units, arms }: Care) => {
    if (units.length > 0) return units.filter((code) => codes.has(code)).length;
    return arms.length === 0 ? own.length : Number(arms.includes(arm));
  };
  return rows.reduce((sum, row) => sum + times(row) * (convert(row.amount ?? 0, spelt(row.amountUnit), unit) ?? 0), 0);
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
  const dimension = dimensionOf(itemAt(units, 0));
  const unit = dimension === 'volume' || dimension === 'mass' ? base[dimension] : itemAt(units, 0);
  return units.every((own) => convert(1, own, unit) !== null) ? unit : null;
}
