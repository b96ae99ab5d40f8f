import { eventRule } from './eventRule';

/** Pests or a disease came. */
export const pestOrDiseaseRule = eventRule('pest-or-disease');
