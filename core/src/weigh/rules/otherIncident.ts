import { eventRule } from './eventRule';

/** Something that has no kind of its own. */
export const otherIncidentRule = eventRule('other');
