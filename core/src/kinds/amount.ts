import type { Kind } from './Kind';
import { measured } from './measured';

/** A number with a unit: a length, a mass, a volume. */
export const amountKind: Kind = measured;
