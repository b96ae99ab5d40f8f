import { isEqual } from 'lodash-es';
import { bySeverity, type Incident, type Study } from '../model';
import type { Finding } from '../words/findings';
import { careDiffersRule } from './rules/careDiffers';
import { equipmentRule } from './rules/equipment';
import { lossesDifferRule } from './rules/lossesDiffer';
import { mixUpRule } from './rules/mixUp';
import { otherIncidentRule } from './rules/otherIncident';
import { pestOrDiseaseRule } from './rules/pestOrDisease';
import { protocolChangeRule } from './rules/protocolChange';
import { transferRule } from './rules/transfer';
import { weatherRule } from './rules/weather';

/** The rules that weigh what happened. */
export const eventRules = [
  protocolChangeRule,
  equipmentRule,
  pestOrDiseaseRule,
  weatherRule,
  otherIncidentRule,
  mixUpRule,
  transferRule,
] as const;

/**
 * What an incident does to the result, to be told to whoever writes it down.
 * @param study in which it happened
 * @param incident as it is being written
 * @returns what the checks will say of it alone
 */
export function eventEffects({ experiment, ...logged }: Study, incident: Incident): Finding[] {
  const units = experiment.units.filter(({ status }) => status !== 'excluded');
  const alone = { ...logged, experiment: { ...experiment, units }, incidents: [incident] };
  return bySeverity(eventRules.flatMap((rule): readonly Finding[] => rule(alone)));
}

/** The rules that weigh what was given and what was lost. */
const lastingRules = [lossesDifferRule, careDiffersRule] as const;

/**
 * What the checks say once something is written down that they did not say before: of care, of a loss.
 * @param before the study as it is
 * @param after with what is being written
 * @returns only what is new
 */
export function newlySaid(before: Study, after: Study): Finding[] {
  const said = lastingRules.flatMap((rule): Finding[] => rule(before));
  return bySeverity(lastingRules.flatMap((rule): Finding[] => rule(after)).filter((finding) => !said.some((own) => isEqual(own, finding))));
}
