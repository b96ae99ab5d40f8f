import { describe, expect, it } from 'vitest';
import { aMeasure, anObservation, aUnit } from '../testing';
import { refusedReading } from './reading';

const steps = [1, 2, 3, 4, 5].map((value) => ({ value, words: `step ${value}` }));
const vigour = aMeasure({ kind: 'rating', name: 'Vigour', rubric: steps });
const sprouts = aMeasure({ kind: 'count', name: 'Sprouts' });
const unit = aUnit('D1', 'C', { sown: 25 });
const started = { startedOn: '2026-04-01' };
const said = (measure: typeof vigour, value: number, more = {}) =>
  refusedReading(anObservation('D1', value, { observedOn: '2026-04-05', ...more }), { measure, unit }, started, '2026-04-10').map(
    ({ field, detail }) => `${field}: ${detail}`,
  );

describe('a reading that cannot be', () => {
  it.each([
    ['off the scale', vigour, 99, {}, 'value: 99 is no step of “Vigour”. Its steps are 1, 2, 3, 4, 5.'],
    ['between two steps', vigour, 2.5, {}, 'value: 2.5 is no step of “Vigour”. Its steps are 1, 2, 3, 4, 5.'],
    ['of a day to come', sprouts, 3, { observedOn: '2099-01-01' }, 'observedOn: 2099-01-01 is still to come. Choose a day up to today.'],
    ['before the start', sprouts, 3, { observedOn: '2026-03-30' }, 'observedOn: 2026-03-30 is before the start on 2026-04-01.'],
    [
      'with a value and a reason for none',
      sprouts,
      3,
      { absent: 'not-read' },
      'value: A reading has a value, or says why there is none: not read, or nothing there.',
    ],
  ] as const)('%s', (_, measure, value, more, words) => {
    expect(said(measure, value, more)).toEqual([words]);
  });

  it('half of one that is counted', () => {
    expect(said(sprouts, 2.5)).toEqual([expect.stringMatching(/^value: .*whole/)]);
  });

  it('is told from one that can: on its scale, today, none with its reason', () => {
    expect([...said(vigour, 5), ...said(sprouts, 25, { observedOn: '2026-04-10' }), ...said(sprouts, 0)]).toEqual([]);
    const none = anObservation('D1', 0, { observedOn: '2026-04-05', value: null, absent: 'nothing-there' });
    expect(refusedReading(none, { measure: sprouts, unit }, started, '2026-04-10')).toEqual([]);
  });
});
