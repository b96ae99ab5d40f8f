import { addAt, itemAt } from '../../invariant';
import { plural } from '../../quantities/plural';
import { replicateWord } from '../../study/replicates';
import { findingTitle, seriesOf, type Shown } from './parts';
import { seenAs, stepsWords } from '../../words/weigh/pictureWords';
import type { Picture } from './Picture';
import { sizesNote } from '../../words/sizesNote';

/**
 * How many units of each arm stand at each step of a rating, stacked as shares of the arm; a unit whose plants differ stands at the step nearest
 * to their mean.
 * @param shown a rating with its study and result
 * @returns boxes with the counts in them
 */
export function stepsPicture(shown: Shown): Picture {
  const { study, measure, result } = shown;
  const { arms } = study.experiment;
  const steps = [...measure.rubric].sort((a, b) => a.value - b.value);
  const nearest = (value: number) =>
    steps.reduce((best, step, k) => (Math.abs(step.value - value) < Math.abs(itemAt(steps, best).value - value) ? k : best), 0);
  const rows = arms.map((arm) => {
    const counts = steps.map(() => 0);
    for (const { value } of result.values.filter((unit) => unit.arm === arm.code)) if (steps.length > 0) addAt(counts, nearest(value), 1);
    return { arm, counts, units: counts.reduce((sum, count) => sum + count, 0) };
  });
  const boxes = rows.flatMap(({ counts, units }, i) => {
    let from = 0;
    return counts.flatMap((count, k) => {
      if (count === 0) return [];
      const start = from;
      from += (100 * count) / units;
      const shade = steps.length < 2 ? 0 : k / (steps.length - 1);
      return [{ x: [start, from] as const, y: [i - 0.36, i + 0.36] as const, shade, words: `${itemAt(steps, k).value}: ${count}` }];
    });
  });
  const title = findingTitle(shown);
  const unit = replicateWord(study.experiment);
  const word = plural(unit);
  const names = steps.map(({ value, words }) => `${value} ${words}`.trim());
  const sizes = sizesNote(
    rows.map(({ arm, units }) => ({ name: arm.name, units })),
    unit,
  );
  return {
    id: `${measure.code}.steps`,
    title,
    sentence: seenAs(
      title,
      rows.map(({ arm, counts }) =>
        stepsWords.arm(
          arm.name,
          counts.flatMap((count, k) => (count === 0 ? [] : [{ count, step: itemAt(names, k) }])),
        ),
      ),
    ),
    note: stepsWords.note(unit, names, sizes),
    x: { label: `${measure.name}, % of the ${word}`, min: 0, max: 100 },
    y: { label: '', names: arms.map(({ name }) => name) },
    series: seriesOf(arms),
    keyed: false,
    marks: [{ kind: 'boxes', boxes }],
    table: {
      head: ['Group', ...names],
      rows: rows.map(({ arm, counts }) => [arm.name, ...counts.map(String)]),
      numbersFrom: 1,
    },
  };
}
