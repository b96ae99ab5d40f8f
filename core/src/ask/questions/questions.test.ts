import { LATEST } from '../../testing';
import { itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../../analyse';
import { fairTestAtOnce } from '../../plan/fairTest';
import { enoughUnits } from '../../plan/remedies';
import { readPackage } from '../../package/readPackage';
import { writePackage } from '../../package/writePackage';
import { looksDifferRule } from '../../weigh/rules/looksDiffer';
import { kitOf } from '../../prepare/kit/kitOf';
import { followEdit } from '../../words/unworded';
import { experimentFrom } from '../experimentFrom';
import { themes } from '../ReadyQuestion';
import { questions } from './index';
import { begin, runsOf, verdictOf } from './runsOf.fixture';

const RUNS = 3;
const all = questions.map((question) => [question.id, question] as const);

it('there are ready-made questions in every theme, each with a name of its own', () => {
  expect(questions.length).toBeGreaterThanOrEqual(44);
  expect(new Set(questions.map(({ id }) => id)).size).toBe(questions.length);
  expect(new Set(questions.map(({ title }) => title)).size).toBe(questions.length);
  for (const { theme } of themes) expect(questions.some((question) => question.theme === theme)).toBe(true);
});

describe.each(all)('%s', (_, question) => {
  const experiment = experimentFrom(question, begin);

  it('says all that a plan needs, in a hypothesis that could turn out wrong', () => {
    expect(question.measures.filter((measure) => measure.primary)).toHaveLength(1);
    expect(question.arms.filter((arm) => arm.role === 'control')).toHaveLength(1);
    for (const list of [question.kept, question.steps, question.commonMistakes, question.words, question.shares])
      expect(list.length).toBeGreaterThan(0);
    expect(question.measures.filter((measure) => measure.kind === 'rating' && measure.rubric.length < 3)).toEqual([]);
    for (const text of [question.question, experiment.hypothesis, experiment.nullHypothesis, question.about]) expect(text).toMatch(/[.?]$/);
    const decides = itemAt(
      question.measures.filter((measure) => measure.primary),
      0,
    );
    for (const text of [experiment.hypothesis, experiment.nullHypothesis]) expect(text.toLowerCase()).toContain(decides.name.toLowerCase());
  });

  it('has nothing serious against it: nothing kept that is varied, nothing shared that is not said, no p out of reach', () => {
    const against = fairTestAtOnce(experiment).filter(
      ({ rule, severity }) => severity === 'blocker' || severity === 'serious' || rule === 'power',
    );
    expect(against).toEqual([]);
    expect(question.measures.some(({ primary, kind }) => primary && kind === 'rating') && !experiment.blinded).toBe(false);
  });

  it('its kit follows the plan', () => {
    const total = experiment.units.length;
    const { unitsPerArm, arms } = question;
    expect(kitOf(experiment).find(({ id }) => id === 'labels')?.amount).toBe(total + arms.length);
    const grown = enoughUnits(experiment, unitsPerArm + 2)?.apply(experiment, 1);
    const more = grown && followEdit(experiment, grown);
    expect(more?.units).toHaveLength((unitsPerArm + 2) * arms.length);
    expect(more && kitOf(more)).not.toEqual(kitOf(experiment));
  });

  it(`comes in some of ${RUNS} runs to what is usual, without a false word on looks, and reads back from its package`, () => {
    const studies = runsOf(question, RUNS);
    const codes = studies.map(verdictOf);
    expect(codes.filter((code) => question.mostly.some((own) => own === code)).length, codes.join()).toBeGreaterThan(0);
    expect(studies.flatMap(looksDifferRule)).toEqual([]);
    const first = itemAt(studies, 0);
    expect(analyse(first).measures.every(({ values }) => values.length > 0)).toBe(true);
    expect(readPackage(writePackage(first), LATEST)).toEqual({ study: first, asked: [] });
  });
});
