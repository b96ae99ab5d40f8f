import { eventRule } from './eventRule';

/** A lamp, pump or tool failed. */
export const equipment = eventRule('equipment', 'a tool failed');
