import { bySeverity, type Finding, type Happening, type Study } from '../model';
import { equipment } from './rules/equipment';
import { mixUp } from './rules/mixUp';
import { otherHappening } from './rules/otherHappening';
import { pestOrDisease } from './rules/pestOrDisease';
import { protocolChange } from './rules/protocolChange';
import { transfer } from './rules/transfer';
import { weather } from './rules/weather';

/** The rules that weigh what happened. */
export const eventRules = [protocolChange, equipment, pestOrDisease, weather, otherHappening, mixUp, transfer] as const;

/**
 * What a happening does to the result, to be told to whoever writes it down.
 * @param study in which it happened
 * @param happening as it is being written
 * @returns what the checks will say of it alone
 */
export function eventEffects({ experiment, ...logged }: Study, happening: Happening): Finding[] {
  const units = experiment.units.filter(({ status }) => status !== 'excluded');
  const alone = { ...logged, experiment: { ...experiment, units }, happenings: [happening] };
  return bySeverity(eventRules.flatMap((rule) => rule(alone)));
}
