import { badgeOf } from '../../words/badge';
import { isDetected } from '../../compare/judge';
import type { UnitValue } from '../../compare/Contrast';
import { kindOf } from '../../kinds';
import type { Arm, Measure, Study } from '../../model';
import { meanInterval } from '../../stats/meanInterval';
import { centre } from '../../stats/moments';
import { replicateWord } from '../../study/replicates';
import { armName } from '../../words/armName';
import { dotsAre, unclearWords } from '../../words/weigh/pictureWords';
import { sizesNote } from '../../words/sizesNote';
import { differenceFact } from '../../words/wording';
import { isBeside, leadRow, rowOfArms, withWhat, type LeadRow } from '../leadComparison';
import type { MeasureResult } from '../Result';
import type { Axis, Series } from './Picture';

/** What every picture of a measure is made from. */
export interface Shown {
  readonly study: Study;
  readonly measure: Measure;
  readonly result: MeasureResult;
}

/** From the stored value to the shown one: shares in per cent. */
export const scaleOf = ({ share }: Pick<MeasureResult, 'share'>) => (share ? 100 : 1);

/** The axis of the values: name and unit, "% of the sown" for shares, whose ends are known. */
export function valueAxis({ measure, result: { share } }: Shown): Axis {
  if (share) return { label: `${measure.name}, % of the sown`, min: 0, max: 100 };
  const unit = kindOf(measure).timed ? 'days' : measure.unit;
  return { label: unit === '' || measure.name.toLowerCase() === unit ? measure.name : `${measure.name}, ${unit}` };
}

export const seriesOf = (arms: readonly Arm[]): Series[] =>
  arms.map(({ code, name, role }) => ({ code, badge: badgeOf(arms, code), name, role }));

/** Mean and 95% interval of units, shares never beyond none and all; null where there are none. */
export function meanOf(values: readonly number[], share: boolean): { value: number; ends: readonly [number, number] | null } | null {
  if (values.length === 0) return null;
  const ends = meanInterval(values);
  return { value: centre(values), ends: ends && share ? [Math.max(0, ends[0]), Math.min(100, ends[1])] : ends };
}

/** The values of an arm as they are shown. */
export const valuesIn = ({ result }: Shown, of: (unit: UnitValue) => boolean) =>
  result.values.filter(of).map(({ unit, value }) => ({ unit, value: value * scaleOf(result) }));

/** How many units each arm has of what is compared: "n = 6 dishes per group". */
export const sizesOf = ({ study, result }: Shown): string =>
  sizesNote(
    result.arms.map(({ arm, units }) => ({ name: armName(study.experiment.arms, arm), units })),
    replicateWord(study.experiment),
  );

/** What the dots of a picture are, and how many. */
export const dotsNote = (shown: Shown): string => dotsAre(replicateWord(shown.study.experiment), sizesOf(shown));

/** What a picture of a measure is about: its title, and what the title speaks of; null where that is nothing. */
interface Finding {
  readonly title: string;
  readonly row: LeadRow | null;
}

/** The finding of a measure: of what was asked, then of treatments that are told apart from one another, else that it is not clear. */
export function findingOf({ study, measure, result }: Shown): Finding {
  const { arms } = study.experiment;
  const { byEye, wording } = kindOf(measure);
  const lead = leadRow(result, arms);
  const said = (row: LeadRow): Finding[] => {
    const gap = isDetected(row, byEye) ? differenceFact(row, wording(measure, result.share)) : null;
    return gap === null ? [] : [{ title: `${measure.name}: ${gap.text} ${withWhat(row, arms)}`, row }];
  };
  const among = result.ranking ? result.comparisons.map((row) => rowOfArms(row, arms)) : [];
  const [found] = [...(lead ? [lead] : []), ...among].flatMap(said);
  return found ?? { title: `${measure.name}: ${unclear(study, result, lead)}`, row: lead };
}

/** The finding of a measure in a headline. */
export const findingTitle = (shown: Shown): string => findingOf(shown).title;

/**
 * The arms of which a comparison speaks: one against another, or all of a level against all of the other.
 * @param arms of the plan
 * @returns codes of the two sides
 */
export function sidesOf({ arm, versus, factor, names }: LeadRow, arms: readonly Arm[]): readonly [readonly string[], readonly string[]] {
  if (factor === null) return [[arm], [versus]];
  const ofLevel = (level: string) => arms.flatMap(({ code, factors }) => (factors[factor] === level ? [code] : []));
  return [ofLevel(names[0]), ofLevel(names[1])];
}

function unclear({ experiment }: Study, { arms, values }: MeasureResult, lead: LeadRow | null): string {
  if (values.length === 0) return unclearWords.nothingRead;
  if (arms.some(({ units }) => units === 1)) return unclearWords.oneUnit(replicateWord(experiment));
  if (lead === null || arms.length === 2) return unclearWords.groups;
  return isBeside(lead, experiment.arms) ? unclearWords.between(lead.names) : unclearWords.with(lead.phrases[0]);
}
