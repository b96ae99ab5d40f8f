import { eventRule } from './eventRule';

/** Heat, cold, wind or rain. */
export const weatherRule = eventRule('weather');
