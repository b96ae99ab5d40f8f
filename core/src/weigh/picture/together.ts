import { itemAt } from '../../invariant';
import { centre, mean } from '../../stats/moments';
import { kindOf } from '../../kinds';
import { replicateWord } from '../../study/replicates';
import { sizesOf, findingOf, meanOf, seriesOf, sidesOf, valueAxis, valuesIn, type Shown } from './parts';
import { fourFigures } from '../../words/weigh/figures';
import { seenAs, meanWords, togetherWords } from '../../words/weigh/pictureWords';
import type { Mark, Picture } from './Picture';

/** So many blocks have their name at the end of their line. */
const NAMED = 8;

/**
 * Blocks or pairs told apart: each a line over the arms, so that a slope is what the treatment did inside it.
 * @returns null where there are none, or only one
 */
export function togetherPicture(shown: Shown): Picture | null {
  const { study, measure, result } = shown;
  const { layout } = study.experiment;
  const arms = study.experiment.arms.filter(({ role }) => role !== 'reference');
  const blocks = [...new Set(result.values.flatMap(({ block }) => block ?? []))];
  if (layout === 'completely-random' || blocks.length < 2) return null;
  const rows = blocks.map((block) => ({
    block,
    means: arms.map(({ code: arm }) => {
      const own = valuesIn(shown, (unit) => unit.block === block && unit.arm === arm).map(({ value }) => value);
      return own.length === 0 ? null : centre(own);
    }),
  }));
  const finding = findingOf(shown);
  const title = `${finding.title}${waysWords(blocks, finding, layout === 'pairs' ? 'pair' : 'block', shown)}`;
  const lines = rows.map(({ block, means }): Mark => ({
    kind: 'line',
    series: null,
    thin: true,
    points: means.flatMap((y, x) => (y === null ? [] : [{ x, y }])),
    ...(blocks.length <= NAMED ? { words: block } : {}),
  }));
  const marks = arms.flatMap((arm, i): Mark[] => {
    const mean = meanOf(
      valuesIn(shown, (unit) => unit.arm === arm.code).map(({ value }) => value),
      result.share,
    );
    return [
      {
        kind: 'dots',
        series: arm.code,
        points: rows.flatMap(({ block, means }) => {
          const y = itemAt(means, i);
          return y === null ? [] : [{ x: i, y, words: `${block}, ${arm.name}: ${fourFigures(y)}` }];
        }),
      },
      ...(mean
        ? [
            {
              kind: 'means' as const,
              series: arm.code,
              along: 'y' as const,
              points: [{ at: i + 0.1, value: mean.value, lo: null, hi: null, words: meanWords(arm.name, mean.value) }],
            },
          ]
        : []),
    ];
  });
  const what = layout === 'pairs' ? 'pair' : 'block';
  return {
    id: `${measure.code}.${layout}`,
    title,
    sentence: seenAs(
      title,
      rows.map(({ block, means }) => `${block}: ${means.map((mean, i) => `${itemAt(arms, i).name} ${fourFigures(mean)}`).join(', ')}`),
    ),
    note: layout === 'pairs' ? togetherWords.pairs(blocks.length) : togetherWords.blocks(replicateWord(study.experiment), sizesOf(shown)),
    x: { label: '', names: arms.map(({ name }) => name) },
    y: valueAxis(shown),
    series: seriesOf(arms),
    keyed: false,
    marks: [...lines, ...marks],
    table: {
      head: [what === 'pair' ? 'Pair' : 'Block', ...arms.map(({ name }) => name)],
      rows: rows.map(({ block, means }) => [block, ...means.map(fourFigures)]),
      numbersFrom: 1,
    },
  };
}

/** In how many of them it went the way of which the title speaks. */
function waysWords(blocks: readonly string[], { row }: ReturnType<typeof findingOf>, what: string, shown: Shown): string {
  const { measure, result, study } = shown;
  if (row === null || row.difference.value === null || row.difference.value === 0) return '';
  const [group, against] = sidesOf(row, study.experiment.arms);
  const meanIn = (block: string, codes: readonly string[]) =>
    mean(result.values.filter((unit) => unit.block === block && codes.includes(unit.arm)).map(({ value }) => value));
  const gaps = blocks.flatMap((block) => {
    const [treated, control] = [meanIn(block, group), meanIn(block, against)];
    return treated === null || control === null ? [] : [treated - control];
  });
  if (gaps.length < 2) return '';
  const { more, less } = kindOf(measure).wording(measure, result.share);
  const isUp = row.difference.value > 0;
  const count = gaps.filter((gap) => (isUp ? gap > 0 : gap < 0)).length;
  return togetherWords.ways(isUp ? more : less, count, gaps.length, what);
}
