import { airCalculators } from './air';
import type { Calculator } from './Calculator';
import { growthCalculators } from './growth';
import { lightCalculators } from './light';
import { mixCalculators } from './mixes';
import { seedCalculators } from './seed';
import { soilCalculators } from './soil';
import { solutionCalculators } from './solutions';
import { unitCalculators } from './units';
import { waterCalculators } from './water';

/** Every calculator, by theme. */
export const calculators: readonly Calculator[] = [
  ...mixCalculators,
  ...solutionCalculators,
  ...seedCalculators,
  ...lightCalculators,
  ...airCalculators,
  ...waterCalculators,
  ...growthCalculators,
  ...soilCalculators,
  ...unitCalculators,
];

/**
 * A calculator by its id.
 * @param id as in an address
 * @returns null where there is none
 */
export const calculatorOf = (id: string): Calculator | null => calculators.find((own) => own.id === id) ?? null;
