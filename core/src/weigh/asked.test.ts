import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { itemAt, tupleOf } from '../invariant';
import { emptyPrediction, type Asked, type Experiment } from '../model';
import { sentenceText } from '../model/Sentence';
import { aMeasure, anArm, anObservation, studyOf } from '../testing';
import { markdown } from '../write/markdown';
import { report } from '../words/write/report';
import { alsoSeen, chance } from '../words/write/results';
import { answerOf } from '../words/weigh/headline';
import { claimedPicture } from './picture/claimed';
import { randomisationDemo } from './randomisationDemo';
import { dotsPicture } from './picture/dots';
import { designOf } from '../power/Design';
import { compareRepeatRuns } from './repeatRuns';
import { predictionOutcomes } from './predictionOutcomes';

/** Four doses: 25 does nothing, 50 raises by 5 cm, 100 by 12; the leaves follow. */
const around = (middle: number) => [-1, -0.6, -0.2, 0.2, 0.6, 1].map((by) => middle + by);
const values = { C: around(20), A: around(20.1), B: around(25), D: around(32) };
const arms = [anArm('C', { name: 'plain water' }), anArm('A', { name: '25' }), anArm('B', { name: '50' }), anArm('D', { name: '100' })];
const pair = (group: string): Asked => ({ factor: null, group, against: 'C' });

function asking(asked: readonly Asked[], more: Partial<Experiment> = {}) {
  const leaves = aMeasure({ code: 'leaves', name: 'Leaves', unit: '', primary: false });
  const study = studyOf(values, { arms, asked, measures: [aMeasure(), leaves], ...more });
  const counted = study.experiment.units.map(({ code }, i) =>
    anObservation(code, 3 + (i % 6) + Math.floor(i / 6) * 2, { measure: 'leaves' }),
  );
  const both = { ...study, observations: [...study.observations, ...counted.map((seen) => ({ ...seen, id: `leaves-${seen.unit}` }))] };
  const [result, seen] = tupleOf(analyse(both).measures, 2);
  return { study: both, measure: itemAt(both.experiment.measures, 0), result, seen };
}

/** Every place that speaks of one comparison, and which it speaks of. */
function leads(shown: ReturnType<typeof asking>) {
  const { study, measure, result, seen } = shown;
  return {
    verdict: result.verdict.sentence,
    headline: answerOf(shown),
    figure: dotsPicture(shown).title,
    also: sentenceText(alsoSeen(seen, itemAt(study.experiment.measures, 1), arms)),
    chance: chance(result).flatMap((block) =>
      block.kind === 'paragraph' ? block.text.flatMap((piece) => (typeof piece === 'string' ? [] : [piece.fact])) : [],
    ),
    prediction: predictionOutcomes(study.experiment, measure, result)[0]?.sentences[0],
    claimed: claimedPicture(shown)?.title,
  };
}

describe('what was asked leads, wherever the answer is given', () => {
  const foretold = { ...emptyPrediction, person: 'Class 9', expects: 'more from 50 on', way: 'more' as const };
  const more = { plan: { ...studyOf(values).experiment.plan, predictions: [foretold] }, claimedRatio: 1.25 };

  it('the dose that was chosen, though another has the largest gap, and another stands first', () => {
    const shown = asking([pair('B')], more);
    expect(shown.result.lead).toEqual(pair('B'));
    const said = leads(shown);
    expect(said.verdict).toMatch(/ 5\.0+ cm higher with 50 than with plain water\./);
    expect(said.headline).toMatch(/5\.0 cm higher with 50$/);
    expect(said.figure).toMatch(/ with 50$/);
    expect(said.also).toMatch(/ with 50 than with plain water/);
    expect(said.chance).toEqual(['height.B-C.p']);
    expect(said.prediction).toMatch(/and that’s what happened: 5\.0/);
    expect(said.claimed).toMatch(/1\.25 times was claimed; 1\.25 times was measured/);
  });

  it('others stand under it, with what came of each', () => {
    expect(asking([pair('B')], more).result.verdict.sentence).toMatch(/Also: supported for 100; .* for 25\./);
  });

  it('a claimed size is held against what was asked alone', () => {
    const claim = (claimedRatio: number) => asking([pair('B')], { claimedRatio }).result.verdict.claimedRatioRuledOut;
    expect([claim(1.25), claim(1.6)]).toEqual([false, true]);
  });

  it('the chance of a clear answer is that of what is asked', () => {
    const planned = { ...asking([]).study.experiment, plan: { ...asking([]).study.experiment.plan, controlGuess: 20, spreadGuess: 0.05 } };
    const measures = [aMeasure({ smallestDifference: 2 })];
    const design = designOf({ ...planned, measures, asked: [pair('D')] });
    expect([design?.asked, design?.arms.map(({ code }) => code)]).toEqual([pair('D'), ['C', 'D', 'A', 'B']]);
  });

  it('a claimed size is answered on one page as well', () => {
    const { study } = asking([pair('B')], { claimedRatio: 1.6 });
    expect(markdown(report(study, analyse(study), 'page'))).toContain('The claim of 1.6 times is ruled out');
  });

  it('that the asked dose does nothing is the answer, though another does much', () => {
    const shown = asking([pair('A')]);
    expect(['cannot-tell', 'no-difference-that-matters']).toContain(shown.result.verdict.code);
    const said = leads(shown);
    expect([said.figure, said.chance]).toEqual(['Height: no clear difference with 25', ['height.A-C.p']]);
  });

  it('where nobody chose, each treatment is asked in the order of the plan', () => {
    const shown = asking([]);
    expect([shown.result.verdict.code, shown.result.lead]).toEqual(['supported', pair('B')]);
    expect(leads(shown).figure).toMatch(/ with 50$/);
  });

  it('two treatments against one another, held together with all other pairs', () => {
    const two: Asked = { factor: null, group: 'D', against: 'B' };
    const shown = asking([two], { ...more, comparison: 'all-pairs' });
    expect([shown.result.lead, shown.result.verdict.code]).toEqual([two, 'supported']);
    expect(shown.result.comparisons.find(({ arm, versus }) => arm === 'D' && versus === 'B')).toMatchObject({
      adjusted: 'tukey',
      verdict: 'supported',
    });
    const said = leads(shown);
    expect(said.verdict).toMatch(/ 7\.0+ cm higher with 100 than with 50\./);
    expect(said.headline).toMatch(/7\.0 cm higher with 100 than with 50$/);
    expect(said.figure).toMatch(/7\.0 cm higher with 100 than with 50$/);
    expect(said.also).toMatch(/ with 100 than with 50/);
    expect(said.chance).toEqual(['height.D-B.p']);
    expect(said.claimed).toMatch(/^1\.25 times was claimed; 1\.28 times was measured/);
    expect(asking([two]).result.lead).toEqual(pair('B'));
  });

  it('a group that is gone is not asked about any more', () => {
    expect(asking([pair('X'), pair('D')]).result.lead).toEqual(pair('D'));
    expect(asking([pair('X')]).result.lead).toEqual(pair('B'));
  });
});

describe('of crossed factors', () => {
  const level = (mulch: string, pot: string) => ({ factors: { mulch, pot } });
  const crossed = [
    anArm('C', level('none', 'felt')),
    anArm('M', level('straw', 'felt')),
    anArm('P', level('none', 'clay')),
    anArm('B', level('straw', 'clay')),
  ];
  const study = (asked: readonly Asked[]) =>
    studyOf({ C: around(10), M: around(15), P: around(13), B: around(18) }, { arms: crossed, asked });

  it('the factor that was asked leads, and the chance is that of its effect', () => {
    const own = study([{ factor: 'pot', group: 'clay', against: 'felt' }]);
    const result = itemAt(analyse(own).measures, 0);
    const measure = itemAt(own.experiment.measures, 0);
    expect(answerOf({ study: own, measure, result })).toBe('Height: 3.00 cm higher with clay');
    expect(dotsPicture({ study: own, measure, result }).title).toMatch(/ with clay \(pot\)$/);
    const [block] = chance(result);
    const facts = block?.kind === 'paragraph' ? block.text.flatMap((piece) => (typeof piece === 'string' ? [] : [piece.fact])) : [];
    expect(facts).toEqual(['height.pot.clay-felt.p']);
    expect(randomisationDemo({ study: own, measure, result })?.names).toEqual(['P', 'C']);
    expect(compareRepeatRuns({ name: 'This run', study: own }, result, [])?.table.rows[0]?.[3]).toMatch(/higher/);
    expect(result.verdict.sentence).toMatch(/with clay than with felt \(pot\)\..*Also: supported for straw against none \(mulch\)/);
  });
});

it('one unit a group: nothing can be said, and no title says that there is no clear gap', () => {
  const study = studyOf({ C: [10], T: [15] });
  const result = itemAt(analyse(study).measures, 0);
  const { title } = dotsPicture({ study, measure: itemAt(study.experiment.measures, 0), result });
  expect(title).toBe('Height: one pot in a group, so nothing can be said');
});
