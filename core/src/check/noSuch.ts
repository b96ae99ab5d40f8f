import type { Plan } from '../model';

/** Words for a code that names nothing that is there. */
export const noSuchUnit = (code: string, { unitNoun }: Pick<Plan, 'unitNoun'>): string =>
  `There is no ${unitNoun} ${code} in this experiment.`;

export const noSuchArm = (code: string): string => `There is no group ${code} in this experiment.`;

export const noSuchMeasure = (code: string): string => `There is no measure ${code} in this experiment.`;
