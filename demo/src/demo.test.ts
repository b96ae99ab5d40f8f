import { describe, expect, it } from 'vitest';
import { analyse, movedByHand, sharingOf, roundsOfStudy, itemAt, tupleOf } from '@fern/core';
import { demoExperiments, demoPictures, demoStudy } from './index';

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

  it('has no log of what has not begun', () => {
    const drafts = all.filter(({ study }) => study.experiment.plan.lockedOn === null);
    expect(drafts.map(({ study: { observations, care, incidents } }) => [observations, care, incidents])).toEqual([[[], [], []]]);
  });

  it('has one that cannot tell, one that rules a claimed size out, one with a deviation that matters, one that waits for today', () => {
    expect(verdict('Buried tea bags')?.code).toBe('cannot-tell');
    expect(verdict('Banana-peel water and marigolds')?.claimedRatioRuledOut).toBe(true);
    expect(weighed.get('Buried tea bags')?.review.some(({ rule, severity }) => rule === 'weather' && severity === 'serious')).toBe(true);
    const due = all.filter(({ study }) => roundsOfStudy({ ...study, observations: [] }, today).some(({ on }) => on === today));
    expect(due.map(({ demo }) => demo.title)).toContain('Salt water and radish sprouting');
  });

  it('shows what real experiments are like: shared trays, unequal arms, a loss, a late walk, a slip put right, an extra picking, care, photos', () => {
    const of = (title: string) => all.find(({ demo }) => demo.title.includes(title))?.study ?? itemAt(all, 0).study;
    const [radish, marigolds, mulch, basil] = tupleOf(['radish', 'marigolds', 'mulch', 'basil'].map(of), 4);
    expect(sharingOf(radish.experiment)).toMatchObject({ how: 'places', what: 'tray', each: 6 });
    const sizes = marigolds.experiment.arms.map(({ code: arm }) => marigolds.experiment.units.filter((unit) => unit.arm === arm).length);
    expect(sizes).toEqual([14, 10]);
    expect(marigolds.experiment.units.some(({ status, lostOn }) => status === 'lost' && lostOn !== null)).toBe(true);
    expect(marigolds.care.some(({ arms }) => arms.length > 0)).toBe(true);
    expect(analyse(mulch, { today }).review.map(({ rule }) => rule)).toContain('late');
    const slips = mulch.observations.filter(({ replaces }) => replaces !== null);
    expect(slips.map(({ note }) => note)).toEqual(['a digit too many']);
    expect(basil.observations.filter(({ measure, plannedDay }) => measure === 'picked' && plannedDay === null)).toHaveLength(5);
    expect([radish, basil].map(({ photos }) => photos.length)).toEqual([12, 12]);
  });

  it('buried bags are pairs, and what they lost is worked out from two weighings', () => {
    const { study } = all.find(({ demo }) => demo.title === 'Buried tea bags') ?? itemAt(all, 0);
    expect(study.experiment.layout).toBe('pairs');
    const read = (measure: string) => study.observations.find((seen) => seen.unit === 'T01' && seen.measure === measure)?.value ?? 0;
    const lost = itemAt(weighed.get('Buried tea bags')?.measures.filter(({ primary }) => primary) ?? [], 0);
    expect(lost.kind).toBe('derived');
    expect(lost.values.find(({ unit }) => unit === 'T01')?.value).toBeCloseTo((100 * (read('before') - read('after'))) / read('before'), 9);
  });

  it('each photo has a picture, of plants as its unit was read then', () => {
    for (const { demo, study } of all) {
      const pictures = demoPictures(demo, study);
      expect([...pictures.keys()]).toEqual(study.photos.map(({ file }) => file));
    }
    const radish = all.find(({ demo }) => demo.title.includes('radish')) ?? itemAt(all, 0);
    const shot = radish.study.photos.find(({ id }) => id.endsWith('-4')) ?? itemAt(radish.study.photos, 0);
    const count = radish.study.observations.find(
      ({ unit, measure, plannedDay }) => unit === shot.units[0] && measure === 'sprouts' && plannedDay === 4,
    );
    // Two leaves a sprout, in the green of leaves.
    expect(
      demoPictures(radish.demo, radish.study)
        .get(shot.file)
        ?.match(/#5f9a45/g),
    ).toHaveLength(2 * (count?.value ?? 0));
  });

  it.each(all.map(({ demo, study }) => [demo.title, study.experiment] as const))(
    '%s: every unit stands where its printed seed put it, until one is moved',
    (_, experiment) => {
      const first = itemAt(experiment.units, 0);
      expect(movedByHand(experiment)).toEqual([]);
      expect(movedByHand({ ...experiment, plan: { ...experiment.plan, unitNoun: 'zinc tub' } })).toEqual([]);
      expect(movedByHand({ ...experiment, units: [{ ...first, row: 99 }, ...experiment.units.slice(1)] })).toEqual([first.code]);
    },
  );

  it('comes out the same whenever it is made, but for the dates', () => {
    const later = demoStudy(itemAt(demoExperiments, 0).demo, '2026-09-01');
    expect(later.observations.map(({ value }) => value)).toEqual(itemAt(all, 0).study.observations.map(({ value }) => value));
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
