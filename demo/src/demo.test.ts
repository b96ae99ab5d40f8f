import { describe, expect, it } from 'vitest';
import { analyse, movedByHand, walksOfStudy } from '@fern/core';
import { demoExperiments, demoStudy } from './index';

const today = '2026-04-14';
const all = demoExperiments.map(({ demo }) => ({ demo, study: demoStudy(demo, today) }));
const weighed = new Map(all.map(({ demo, study }) => [demo.title, analyse(study)]));
const verdict = (title: string) => weighed.get(title)?.measures.find((measure) => measure.primary)?.verdict;

describe('the demo', () => {
  it('has the six experiments of the plant room, at different stages', () => {
    expect(all.map(({ demo }) => demo.title).sort()).toEqual([
      'Banana-peel water and marigolds',
      'Buried tea bags',
      'Coloured film over basil',
      'Salt water and radish sprouting',
      'Straw mulch and water loss',
      'Willow tea and mint cuttings',
    ]);
  });

  it('has one that cannot tell, one that rules a claimed size out, one with a deviation that matters, one that waits for today', () => {
    expect(verdict('Buried tea bags')?.code).toBe('cannot-tell');
    expect(verdict('Banana-peel water and marigolds')?.claimedRatioRuledOut).toBe(true);
    expect(weighed.get('Buried tea bags')?.review.some(({ rule, severity }) => rule === 'weather' && severity === 'serious')).toBe(true);
    const due = all.filter(({ study }) => walksOfStudy({ ...study, observations: [] }, today).some(({ on }) => on === today));
    expect(due.map(({ demo }) => demo.title)).toContain('Salt water and radish sprouting');
  });

  it.each(all.map(({ demo, study }) => [demo.title, study.experiment] as const))(
    '%s: every unit stands where its printed seed put it, until one is moved',
    (_, experiment) => {
      const [first, ...others] = experiment.units;
      expect(movedByHand(experiment)).toEqual([]);
      expect(movedByHand({ ...experiment, plan: { ...experiment.plan, unitWord: 'zinc tub' } })).toEqual([]);
      expect(movedByHand({ ...experiment, units: [{ ...first, row: 99 }, ...others] })).toEqual([first.unit]);
    },
  );

  it('comes out the same whenever it is made, but for the dates', () => {
    const later = demoStudy(demoExperiments[0].demo, '2026-09-01');
    expect(later.observations.map(({ value }) => value)).toEqual(all[0].study.observations.map(({ value }) => value));
  });

  it.each(all.map(({ demo, study }) => [demo.title, study] as const))(
    '%s: no reading lies in the future or before its start',
    (_, { experiment, observations }) => {
      for (const { observedOn } of observations) {
        expect(observedOn <= today).toBe(true);
        expect(observedOn >= (experiment.startedOn ?? today)).toBe(true);
      }
    },
  );
});
