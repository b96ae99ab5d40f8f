import { controlOf } from '../../model';
import { itemAt } from '../../invariant';
import { armName, withArm } from '../../words/armName';
import { seriesOf, type Shown } from './parts';
import { fourFigures, span } from '../../words/weigh/figures';
import { claimedWords } from '../../words/weigh/pictureWords';
import type { Picture } from './Picture';

/**
 * A claimed size as a line, with what was measured against it.
 * @returns null where no size was claimed, or no ratio could be measured
 */
export function claimedPicture(shown: Shown): Picture | null {
  const { study, measure, result } = shown;
  const { claimedRatio, arms } = study.experiment;
  const control = controlOf(arms);
  const against = result.lead?.factor === null ? result.lead.against : control?.code;
  const rows = result.comparisons.filter(({ versus, ratio }) => versus === against && ratio.value !== null);
  if (against === undefined || claimedRatio === null || rows.length === 0 || !measure.primary) return null;
  const base = withArm(arms, against);
  const treated = rows.map(({ arm, ratio }) => ({ arm, name: armName(arms, arm), value: ratio.value ?? 1, ends: ratio.ci95 }));
  const lead = treated.find(({ arm }) => arm === result.lead?.group) ?? itemAt(treated, 0);
  const title = claimedWords.title(claimedRatio, lead.value, lead.ends);
  return {
    id: `${measure.code}.claimed`,
    title,
    sentence: `${title}.${claimedWords.ruledOut(result.verdict.claimedRatioRuledOut)}`,
    note: claimedWords.note(base),
    x: {
      label: `${measure.name}: times as much as ${base}`,
      min: Math.min(0, ...treated.map(({ ends, value }) => ends?.[0] ?? value)),
      max:
        Math.max(claimedRatio, ...treated.map(({ ends, value }) => Math.min(ends?.[1] ?? value, 3 * Math.max(claimedRatio, value)))) * 1.06,
    },
    y: { label: '', names: treated.map(({ name }) => name) },
    series: seriesOf(arms),
    keyed: false,
    marks: [
      { kind: 'rule', axis: 'x', at: 1, words: 'no difference' },
      { kind: 'rule', axis: 'x', at: claimedRatio, words: 'claimed' },
      ...treated.map(({ arm, name, value, ends }, i) => ({
        kind: 'means' as const,
        series: arm,
        along: 'x' as const,
        points: [{ at: i, value, lo: ends?.[0] ?? null, hi: ends?.[1] ?? null, words: `${name}: ${fourFigures(value)} times` }],
      })),
    ],
    table: {
      head: ['Group', 'Times as much', '95% CI', 'Claimed'],
      rows: treated.map(({ name, value, ends }) => [name, fourFigures(value), span(ends), fourFigures(claimedRatio)]),
      numbersFrom: 1,
    },
  };
}
