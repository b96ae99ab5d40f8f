import { eventRule } from './eventRule';

/** A lamp, pump or tool failed. */
export const equipmentRule = eventRule('equipment');
