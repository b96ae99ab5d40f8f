import { describe, expect, it } from 'vitest';
import { fairTestAtOnce } from '../../plan/fairTest';
import { simulateStudy } from '../../simulate/simulateStudy';
import { analyse } from '../../analyse';
import { verdictOrder } from '../../compare/judge';
import { readPackage } from '../../package/readPackage';
import { writePackage } from '../../package/writePackage';
import { experimentFrom } from '../experimentFrom';
import { themes } from '../ReadyQuestion';
import { usualTruth } from '../usualTruth';
import { questions } from './index';

const begin = { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4817 };

describe('the ready-made questions', () => {
  it('are the twenty-five of the trade, the five worked frames, and two empty ones, in every theme', () => {
    expect(questions).toHaveLength(25 + 5 + 2);
    expect(new Set(questions.map(({ id }) => id)).size).toBe(questions.length);
    for (const { theme } of themes)
      expect(
        questions.some((question) => question.theme === theme),
        theme,
      ).toBe(true);
  });

  it.each(questions.map((question) => [question.id, question] as const))(
    '%s opens, plans, passes its own check, runs, and yields a verdict',
    (_, question) => {
      const experiment = experimentFrom(question, begin);
      const against = fairTestAtOnce(experiment).filter(({ severity }) => severity === 'blocker' || severity === 'serious');
      expect(against.map(({ rule, message }) => `${rule}: ${message}`)).toEqual([]);
      const { study } = simulateStudy({ ...experiment, plan: { ...experiment.plan, frozenOn: '2026-04-01' } }, usualTruth(question), {
        seed: 11,
        observers: ['Bracken'],
      });
      const result = analyse(study);
      const primary = result.measures.find((measure) => measure.primary);
      expect(verdictOrder).toContain(primary?.verdict.code);
      expect(primary?.comparisons.every(({ difference }) => difference.value !== null)).toBe(true);
      expect(result.measures.every((measure) => measure.values.length > 0)).toBe(true);
      expect(readPackage(writePackage(study))).toEqual({ study });
    },
  );

  it.each(questions.map((question) => [question.id, question] as const))('%s says all that a plan needs', (_, question) => {
    expect(question.measures.filter((measure) => measure.primary)).toHaveLength(1);
    expect(question.arms.filter((arm) => arm.role === 'control')).toHaveLength(1);
    for (const list of [question.kept, question.materials, question.steps, question.troubles, question.words])
      expect(list.length).toBeGreaterThan(0);
    expect(question.measures.filter((measure) => measure.kind === 'rating' && measure.rubric.length < 3)).toEqual([]);
    expect(question.spreadGuess).toBeGreaterThan(0);
    for (const text of [question.question, question.hypothesis, question.nullHypothesis, question.about]) expect(text).toMatch(/[.?]$/);
  });
});
