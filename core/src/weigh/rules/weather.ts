import { eventRule } from './eventRule';

/** Heat, cold, wind or rain. */
export const weather = eventRule('weather', 'the weather turned');
