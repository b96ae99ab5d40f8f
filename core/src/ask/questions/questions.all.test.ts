import { describe, expect, it } from 'vitest';
import { designOf } from '../../power/Design';
import { chanceOf } from '../../power/chanceOf';
import { replicates } from '../../study/replicates';
import { looksDifferRule } from '../../weigh/rules/looksDiffer';
import { experimentFrom } from '../experimentFrom';
import { questions } from './index';
import { begin, runsOf, verdictOf } from './runsOf.fixture';

const RUNS = 20;

describe.each(questions.map((question) => [question.id, question] as const))('%s', (_, question) => {
  const experiment = experimentFrom(question, begin);

  it('its chance of an answer is what its card says, and at least 0.7 or said in words', () => {
    const design = designOf(experiment);
    const fewest = Math.min(...question.arms.map(({ code: arm }) => replicates(experiment).filter((unit) => unit.arm === arm).length));
    const { chance } = design ? chanceOf(design, fewest, { runs: 200 }) : { chance: 0 };
    expect(Math.abs(chance - question.chance)).toBeLessThan(0.08);
    expect(question.chance >= 0.7 || question.unsure !== '').toBe(true);
  });

  it(`comes in most of ${RUNS} runs to what is usual, without a false word on looks`, () => {
    const studies = runsOf(question, RUNS);
    const codes = studies.map(verdictOf);
    expect(codes.filter((code) => question.mostly.some((own) => own === code)).length, codes.join()).toBeGreaterThan(RUNS / 2);
    expect(studies.flatMap(looksDifferRule)).toEqual([]);
  });
});
