import { eventRule } from './eventRule';

/** Something was done differently from the plan. */
export const protocolChange = eventRule('protocol-change', 'something was done differently');
