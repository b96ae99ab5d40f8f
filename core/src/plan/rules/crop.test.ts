import { describe, expect, it } from 'vitest';
import { emptyPlan, type Plan } from '../../model';
import { aMeasure, anExperiment } from '../../testing';
import { tell } from '../../words/findings';
import { cropRule } from './crop';

const plan = (more: Partial<Plan>, startedOn = '2026-04-20', readingDays = [7, 14], kind: 'count' | 'harvest' = 'count') =>
  anExperiment({
    startedOn,
    plan: { ...emptyPlan, plant: 'parsley', crop: 'parsley', propagule: 'seeds', ...more },
    measures: [aMeasure({ kind, primary: true, readingDays })],
  });
const told = (...own: Parameters<typeof plan>) => cropRule(plan(...own)).map((finding) => tell(finding).message);

describe('what does not fit the crop', () => {
  it('is a last count before the last can have come up', () => {
    expect(told({})).toEqual([
      'Parsley takes 10 to 28 days to germinate, and the last count is on day 14. What is late looks as if it were dead.',
    ]);
    expect(told({}, '2026-04-20', [14, 28])).toEqual([]);
    expect(told({ propagule: 'cuttings' })).toEqual([]);
    expect(told({ crop: '' })).toEqual([]);
  });

  it('is a harvest that is not there yet', () => {
    const tomato = { plant: 'tomatoes', crop: 'tomato' };
    expect(told(tomato, '2026-05-20', [60], 'harvest')).toEqual([
      'Tomato is ready 90 to 130 days after it is sown, and the last picking is on day 60.',
    ]);
    expect(told(tomato, '2026-05-20', [60, 100], 'harvest')).toEqual([]);
  });

  it('is a sowing outdoors out of season, on either side of the equator', () => {
    const late = { place: 'bed', timing: { ...emptyPlan.timing, zone: 'Europe/Berlin' } } as const;
    const days = [30];
    expect(told(late, '2026-12-01', days)).toEqual(['Parsley is sown outdoors from March to July; this starts on Tue 1 Dec.']);
    expect(told(late, '2026-04-20', days)).toEqual([]);
    expect(told({ ...late, place: 'bench' }, '2026-12-01', days)).toEqual([]);
    const south = { ...late, timing: { ...emptyPlan.timing, zone: 'Australia/Hobart' } };
    expect(told(south, '2026-12-01', days)).toEqual([]);
    expect(told(south, '2026-04-20', days)).toEqual(['Parsley is sown outdoors from September to January; this starts on Mon 20 Apr.']);
  });
});
