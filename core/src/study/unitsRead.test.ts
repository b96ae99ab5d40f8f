import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { aMeasure, anArm, anExperiment, anObservation, aUnit } from '../testing';
import type { Study } from '../model';
import { extraItems, roundItemsOf } from './roundItems';
import { readName, unitsRead } from './unitsRead';
import { recordingRounds, roundsOfStudy } from './recordingRounds';

const heads = aMeasure({ code: 'height' });
const water = aMeasure({ code: 'water', name: 'Water', unit: '°C', primary: false, by: 'container' });
const tanks = ['A', 'A', 'B', 'B', 'D'];
const units = tanks.map((tank, i) =>
  aUnit(`P${i + 1}`, tank === 'D' ? 'T' : tank === 'A' ? 'C' : 'T', {
    row: 1,
    column: i + 1,
    container: tank === 'D' ? null : `tank ${tank}`,
  }),
);
const experiment = { ...anExperiment({ arms: [anArm('C'), anArm('T')], units, measures: [heads, water] }) };
const started = { ...experiment, plan: { ...experiment.plan, lockedOn: '2026-04-01' } };
const study = (observations: Study['observations'] = [], more: Partial<typeof started> = {}): Study => ({
  ...{ experiment: { ...started, ...more }, observations, incidents: [], care: [], photos: [] },
});
const read = (unit: string, value = 21) => anObservation(unit, value, { measure: 'water', plannedDay: 7 });
const places = (own: Study) => roundItemsOf(own, 7).map(({ unit, measure }) => `${readName(unit, measure)} ${measure.code}`);

describe('a measure of what units share', () => {
  it('is asked for once a tank, and once for what shares nothing', () => {
    expect(places(study())).toEqual([
      'P1 height',
      'tank A water',
      'P2 height',
      'P3 height',
      'tank B water',
      'P4 height',
      'P5 height',
      'P5 water',
    ]);
    expect(extraItems(study(), [water], new Set()).map(({ unit }) => unit.code)).toEqual(['P1', 'P3', 'P5']);
  });

  it('is still asked for, under the same unit, when that one is lost', () => {
    const lost = units.map((unit) => (unit.code === 'P1' ? { ...unit, status: 'lost' as const } : unit));
    expect(places(study([], { units: lost }))).toContain('tank A water');
    const all = units.map((unit) => (unit.container === 'tank A' ? { ...unit, status: 'lost' as const } : unit));
    expect(places(study([], { units: all }))).not.toContain('tank A water');
  });

  it('is read when each tank is, also by the counts that the list brings', () => {
    const own = study([
      ...['P1', 'P3', 'P5'].map((unit) => read(unit)),
      ...units.map(({ code: unit }) => anObservation(unit, 5, { plannedDay: 7 })),
    ]);
    expect(roundsOfStudy(own, '2026-04-08')[0]).toMatchObject({ day: 7, state: 'done', left: 0 });
    const counts = [
      { measure: 'height', plannedDay: 7, units: 5, containers: 3, startedOn: null },
      { measure: 'water', plannedDay: 7, units: 3, containers: 3, startedOn: null },
    ];
    expect(recordingRounds(started, [{ startedOn: null, units: 5, containers: 3 }], counts, '2026-04-08')).toEqual(
      roundsOfStudy(own, '2026-04-08'),
    );
    expect(itemAt(roundsOfStudy(study([read('P1')]), '2026-04-08'), 0).left).toBe(5);
  });

  it('counts each tank once, and compares no arms where a tank is of both', () => {
    const own = study(['P1', 'P3', 'P5'].map((unit, i) => read(unit, 20 + i)));
    const row = analyse(own).measures.find(({ measure }) => measure === 'water');
    expect(row?.values.map(({ unit, arm, value }) => [unit, arm, value])).toEqual([
      ['tank A', 'C', 20],
      ['tank B', 'T', 21],
      ['P5', 'T', 22],
    ]);
    const mixed = units.map((unit) => ({ ...unit, container: 'one tank' }));
    expect(unitsRead({ units: mixed }, water)).toMatchObject([{ code: 'P1', arm: '' }]);
    const shared = analyse(study([read('P1')], { units: mixed })).measures.find(({ measure }) => measure === 'water');
    expect(shared?.verdict.code).toBe('cannot-tell');
  });
});
