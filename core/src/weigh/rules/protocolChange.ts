import { eventRule } from './eventRule';

/** Something was done differently from the plan. */
export const protocolChangeRule = eventRule('protocol-change');
