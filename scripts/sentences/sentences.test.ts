import { describe, expect, it } from 'vitest';
import { analyse, itemAt, plural } from '@fern/core';
import { wrongFigures } from './figures';
import { faultsOf } from './grammar';
import { sentencesOf } from './sentencesOf';
import { plainStudies, roughStudies, TODAY, type Named } from './studies';
import { contradictionsIn } from './values';

/** Every so manieth of the plain studies, and some in which things go wrong; all of them are for `npm run test:all`. */
const some: readonly Named[] = [...plainStudies.filter((_, i) => i % 9 === 0), ...roughStudies(16)];
const all = process.env.FERN_ALL === '1';

describe.each(all ? [...plainStudies, ...roughStudies(200)] : some)('what is said of $name', ({ make }) => {
  const study = make();
  const result = analyse(study, { today: TODAY });
  const said = sentencesOf(study, result);

  it('is English by rule', () => {
    const faults = said.flatMap(({ where, text }) => faultsOf(text, study).map((fault) => `${fault} (${where}): ${text}`));
    expect([...new Set(faults)]).toEqual([]);
  });

  it('is true of its values', () => {
    expect(contradictionsIn(said, study, result)).toEqual([]);
  });
});

describe('a false sentence is found', () => {
  const study = itemAt(plainStudies, 3).make();
  const result = analyse(study, { today: TODAY });
  const said = sentencesOf(study, result);
  const saying = (where: string, change: (text: string) => string) =>
    contradictionsIn(
      said.map((one) => (one.where === where ? { ...one, text: change(one.text) } : one)),
      study,
      result,
    );

  it('by its direction, its number of units and its day', () => {
    const turned = (text: string) => (text.includes('higher') ? text.replace('higher', 'lower') : text.replace('lower', 'higher'));
    expect(saying('headline', turned)).toEqual([expect.stringMatching(/^direction: /)]);
    expect(saying('line', () => '3 pots, 99 per group')).toEqual(['n: 3 pots, 99 per group']);
    expect(saying('line', () => 'Day 900 of 14')).toEqual(['day, line: Day 900 of 14']);
  });

  it('by its chance, and by the number of units under a picture', () => {
    const chance = (text: string) => text.replace(/at least this big in \S+ .*? of/, 'at least this big in about 77 of');
    expect(saying('report, school', chance)).toEqual([expect.stringContaining('at least this big in about 77 of')]);
    const units = (text: string) => text.replace(/n = \d+/, 'n = 999');
    expect(saying('report, school', units)).not.toEqual([]);
  });

  it('by its size and its interval', () => {
    const [deciding] = result.measures.filter(({ primary }) => primary);
    const changed = (from: RegExp, to: string) => ({
      ...result,
      measures: result.measures.map((one) =>
        one === deciding ? { ...one, verdict: { ...one.verdict, sentence: one.verdict.sentence.replace(from, to) } } : one,
      ),
    });
    expect(wrongFigures([], study, changed(/\d+(\.\d+)?(?= \D* than)/, '987'))).toEqual([expect.stringMatching(/^size /)]);
    expect(wrongFigures([], study, changed(/(?<=interval is )[\d.]+/, '987'))).toEqual([expect.stringMatching(/^interval /)]);
  });

  it('by its grammar', () => {
    expect(faultsOf(`There were 1 ${plural(study.experiment.plan.unitNoun)} in in both arms.`, study)).toEqual([
      'a word stands twice',
      'one in the plural',
      'a word that is not used',
    ]);
  });
});
