import { addAt, cellAt, itemAt, noSuchItem } from '../invariant';
import { indicatorColumns } from '../stats/analysisOfVariance';
import { decompose, type Decomposition } from '../stats/linearModel';

/** Which unit has which arm and stands in which stratum, as a model to fit values to. */
export interface ArmModel {
  /** Value of each column of the model, a unit at a time: the first arm, the others' distance from it, the strata but the first. */
  readonly columns: readonly (readonly number[])[];
  readonly strata: number;
  readonly decomposition: Decomposition;
  readonly residuals: () => ResidualShares;
}

/** How the squared residuals of each arm come about. */
interface ResidualShares {
  /** Row i: by how much each arm's variance stands in the expected sum of squared residuals of arm i. */
  readonly shares: readonly (readonly number[])[];
  /** The same, to be solved for the variances. */
  readonly decomposition: Decomposition;
}

const MOST_KNOWN = 20;
const known = new Map<string, ArmModel>();

/**
 * The model of arms and strata, made once for however many sets of values are fitted to it.
 * @param unitArms arm of each unit
 * @param arms that have values
 * @param unitStrata stratum of each unit
 */
export function armModel(unitArms: readonly string[], arms: readonly string[], unitStrata: readonly string[]): ArmModel {
  const key = JSON.stringify([unitArms, arms, unitStrata]);
  const before = known.get(key);
  if (before) return before;
  const made = make(unitArms, arms, unitStrata);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, made);
  return made;
}

function make(unitArms: readonly string[], arms: readonly string[], unitStrata: readonly string[]): ArmModel {
  const armColumns = arms.slice(1).map((arm) => unitArms.map((own) => (own === arm ? 1 : 0)));
  const strataColumns = indicatorColumns([unitStrata]);
  const columns = [unitArms.map(() => 1), ...armColumns, ...strataColumns];
  const decomposition = decompose(columns);
  let shares: ResidualShares | undefined;
  return {
    columns,
    strata: strataColumns.length + 1,
    decomposition,
    residuals: () => (shares ??= residualShares(unitArms, arms, columns, decomposition)),
  };
}

/** The squares of what makes residuals of values (the unit matrix less the hat matrix), summed by the two arms. */
function residualShares(
  unitArms: readonly string[],
  arms: readonly string[],
  columns: ArmModel['columns'],
  { unscaledCovariance }: Decomposition,
): ResidualShares {
  const armOf = unitArms.map((arm) => arms.indexOf(arm));
  const shares = arms.map(() => arms.map(() => 0));
  for (let i = 0; i < unitArms.length; i++) {
    const weighted = unscaledCovariance.map((row) => row.reduce((sum, entry, b) => sum + entry * cellAt(columns, b, i), 0));
    const ofArm = itemAt(shares, itemAt(armOf, i));
    for (const [j, other] of armOf.entries()) {
      let hat = 0;
      for (const [a, column] of columns.entries()) hat += (weighted[a] ?? noSuchItem(weighted, a)) * (column[j] ?? noSuchItem(column, j));
      addAt(ofArm, other, ((i === j ? 1 : 0) - hat) ** 2);
    }
  }
  return { shares, decomposition: decompose(shares) };
}
