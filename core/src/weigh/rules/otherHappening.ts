import { eventRule } from './eventRule';

/** Something that has no kind of its own. */
export const otherHappening = eventRule('other', 'something happened');
