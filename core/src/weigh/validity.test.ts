import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import {
  blankOf,
  careFields,
  stageFields,
  type Experiment,
  type Incident,
  type Measure,
  type Observation,
  type Plan,
  type Stage,
  type Study,
} from '../model';
import { aMeasure, anArm, anExperiment, anIncident, anObservation, aUnit, placed } from '../testing';
import { eventEffects } from './eventEffects';
import { validity, validityRules } from './validity';
import { withWords, type Finding } from '../words/findings';

const told = (study: Study, today?: string) => validity(study, today).map(withWords);

const codes = ['C1', 'C2', 'C3', 'C4', 'C5', 'T1', 'T2', 'T3', 'T4', 'T5'];
const armOf = (code: string) => code.charAt(0);

/** Five pots an arm, read on days 3 and 7 by Bracken and Sphagnum in turn, with plain growth in both arms. */
function good(more: Partial<Study> = {}, experiment: Partial<Experiment> = {}, plan: Partial<Plan> = {}): Study {
  const base = anExperiment({
    arms: [anArm('C'), anArm('T')],
    units: codes.map((code) => aUnit(code, armOf(code), { sown: 10 })),
    measures: [aMeasure({ readingDays: [3, 7] })],
  });
  return placed({
    experiment: { ...base, ...experiment, plan: { ...base.plan, ...plan } },
    observations: [...readings(3, [4, 5, 4.5, 5.5, 5, 4, 5, 4.5, 5.5, 5]), ...readings(7, [8, 9, 8.5, 9.5, 9, 8.2, 9.1, 8.4, 9.6, 9.3])],
    incidents: [],
    care: [],
    photos: [],
    ...more,
  });
}
function readings(day: number, values: readonly number[], more: Partial<Observation> = {}): Observation[] {
  return values.map((value, i) =>
    anObservation(itemAt(codes, i), value, {
      observedOn: `2026-04-0${day + 1}`,
      observer: i % 2 ? 'Bracken' : 'Sphagnum',
      ...more,
      id: `${more.measure ?? 'height'}-${codes[i]}-${day}`,
    }),
  );
}
const incident = (kind: Incident['kind'], more: Partial<Incident> = {}): Partial<Study> => ({
  incidents: [anIncident(kind, more)],
});
const lost = (...gone: string[]) => ({
  units: codes.map((code) => aUnit(code, armOf(code), { sown: 10, status: gone.includes(code) ? 'lost' : 'active' })),
});
const look = aMeasure({ code: 'look', name: 'Looks', kind: 'rating', unit: '', primary: false, readingDays: [7] });
const water = (t: number) => ({
  care: (['C', 'T'] as const).map((arm) => ({
    ...blankOf(careFields),
    id: arm,
    on: '2026-04-02',
    arms: [arm],
    kind: 'water' as const,
    amount: arm === 'T' ? t : 500,
    amountUnit: 'mL',
  })),
});

const gone = (seen: Observation): Observation => ({ ...seen, value: null, absent: 'nothing-there' });

const waterIn = (amounts: Readonly<Record<'C' | 'T', readonly [number, string]>>) => ({
  care: (['C', 'T'] as const).map((arm) => ({
    ...itemAt(water(0).care, 0),
    id: arm,
    arms: [arm],
    amount: amounts[arm][0],
    amountUnit: amounts[arm][1],
  })),
});

interface Case {
  readonly rule: Finding['rule'];
  readonly severity: string;
  readonly fires: Study;
  readonly silent?: Study;
  readonly says: RegExp;
}

/** A soak of 8 h in both arms, or in T alone, that lasted so many minutes in each. */
function soaked(minutes: Partial<Record<'C' | 'T', number>>, more: Partial<Stage> = {}): Study {
  const arms = Object.keys(minutes);
  const soak: Stage = { ...blankOf(stageFields), name: 'soak', kind: 'soak', arms, hours: 8, ...more };
  const care = arms.map((arm) => ({
    ...blankOf(careFields),
    id: `soak-${arm}`,
    on: '2026-04-01',
    arms: [arm],
    kind: 'other' as const,
    step: 'soak',
    began: '2026-04-01T08:00:00Z',
    ended: new Date(Date.parse('2026-04-01T08:00:00Z') + (minutes[arm as 'C' | 'T'] ?? 0) * 60_000).toISOString(),
  }));
  return good({ care }, {}, { stages: [soak] });
}

const cases: readonly Case[] = [
  {
    rule: 'step-times',
    severity: 'serious',
    fires: soaked({ C: 480, T: 600 }),
    silent: soaked({ C: 480, T: 500 }),
    says: /“soak” was planned for 8 h\. It was 2 h too long in T\./,
  },
  {
    rule: 'step-times',
    severity: 'caution',
    fires: soaked({ C: 525, T: 525 }),
    silent: soaked({ C: 525, T: 525 }, { hoursMost: 9 }),
    says: /45 min too long in C and T/,
  },
  { rule: 'step-times', severity: 'serious', fires: soaked({ T: 400 }, { tested: true }), says: /1 h 20 min too short in T/ },
  {
    rule: 'unconfirmed',
    severity: 'serious',
    fires: soaked({ C: 480 }, { tested: true, arms: ['C', 'T'] }),
    silent: soaked({ C: 480, T: 480 }, { tested: true }),
    says: /“soak” is what is tested, and nobody recorded that it was done for \d+ of \d+ pots\./,
  },
  {
    rule: 'control-failed',
    severity: 'blocker',
    fires: good({}, {}, { controlLimits: [{ measure: 'height', arm: null, least: 12, most: null }] }),
    silent: good({}, {}, { controlLimits: [{ measure: 'height', arm: null, least: 8, most: null }] }),
    says: /had to be at least 12 cm/,
  },
  {
    rule: 'control-failed',
    severity: 'blocker',
    fires: good({}, {}, { controlLimits: [{ measure: 'height', arm: 'T', least: 99, most: null }] }),
    silent: good({}, {}, { controlLimits: [{ measure: 'height', arm: 'T', least: 1, most: null }] }),
    says: /^(?!The control).*had to be at least 99 cm/,
  },
  {
    rule: 'protocol-change',
    severity: 'serious',
    fires: good(incident('protocol-change', { arms: ['T'], note: 'fed twice' })),
    says: /fed twice\. It affected only T,/,
  },
  { rule: 'protocol-change', severity: 'caution', fires: good(incident('protocol-change')), says: /all groups equally/ },
  {
    rule: 'equipment',
    severity: 'caution',
    fires: good(incident('equipment', { note: 'Lamp was off.' })),
    says: /Lamp was off\. It affected all/,
  },
  {
    rule: 'pest-or-disease',
    severity: 'serious',
    fires: good(incident('pest-or-disease', { units: ['C1', 'C2'] })),
    says: /It affected only C1 and C2/,
  },
  {
    rule: 'other',
    severity: 'serious',
    fires: good(incident('other', { units: ['T3'], note: 'The bag was cold.', effect: 'it came up late' })),
    says: /Sat 4 Apr: The bag was cold \(it came up late\)\. It affected only T3/,
  },
  { rule: 'weather', severity: 'caution', fires: good(incident('weather', { units: ['C1', 'T1'] })), says: /equally/ },
  {
    rule: 'losses-differ',
    severity: 'serious',
    fires: good({}, lost('T1', 'T2')),
    silent: good({}, lost('T1', 'C2')),
    says: /C \(0 of 5\) and T \(2 of 5\)/,
  },
  {
    rule: 'nothing-there',
    severity: 'serious',
    fires: good({ observations: good().observations.map((seen) => (/^height-T[12]-7$/.test(seen.id) ? gone(seen) : seen)) }),
    silent: good({ observations: good().observations.map((seen) => (/^height-T[12]-3$/.test(seen.id) ? gone(seen) : seen)) }),
    says: /nothing to measure in T1 and T2: C \(0 of 5\) and T \(2 of 5\)\. “Height” is compared without them/,
  },
  {
    rule: 'nothing-there',
    severity: 'caution',
    fires: good({ observations: good().observations.map((seen) => (/^height-[CT]2-7$/.test(seen.id) ? gone(seen) : seen)) }),
    says: /in C2 and T2: C \(1 of 5\) and T \(1 of 5\)/,
  },
  { rule: 'care-differs', severity: 'serious', fires: good(water(700)), silent: good(water(530)), says: /T \(140 mL each\)/ },
  {
    rule: 'mix-up',
    severity: 'serious',
    fires: good(incident('mix-up', { units: ['C1', 'T1'] })),
    says: /C1 and T1 may have been mixed up/,
  },
  {
    rule: 'mix-up',
    severity: 'caution',
    fires: good(
      {},
      { units: codes.map((code) => aUnit(code, armOf(code), { status: code === 'C1' ? 'excluded' : 'active', statusReason: 'no label' })) },
    ),
    says: /C1 is excluded \(no label\)/,
  },
  {
    rule: 'denominator',
    severity: 'serious',
    fires: good(
      { observations: [...readings(3, [9, 5, 5, 5, 5, 5, 5, 5, 5, 5]), ...readings(7, [8, 12, 6, 6, 6, 6, 6, 6, 6, 6])] },
      { measures: [aMeasure({ kind: 'count', unit: '', readingDays: [3, 7] })] },
    ),
    says: /In C2, .* is higher than the number sown/,
  },
  {
    rule: 'missed',
    severity: 'caution',
    fires: good({ observations: good().observations.filter((seen) => seen.id !== 'height-T2-3') }),
    says: /wasn’t recorded on day 3 in T2/,
  },
  {
    rule: 'late',
    severity: 'serious',
    fires: good({
      observations: good().observations.map((seen) =>
        seen.unit.startsWith('T') && seen.id.endsWith('-3') ? { ...seen, observedOn: '2026-04-05' } : seen,
      ),
    }),
    says: /recorded on day 4 in T, but on day 3 in C/,
  },
  {
    rule: 'late',
    severity: 'caution',
    fires: good({
      observations: good().observations.map((seen) => (seen.id.endsWith('-7') ? { ...seen, observedOn: '2026-04-11' } : seen)),
    }),
    says: /“Height” of day 7 was recorded on day 10 in all groups, 3 days late/,
  },
  {
    rule: 'read-twice',
    severity: 'caution',
    fires: good({ observations: [...good().observations, anObservation('T2', 12, { id: 'again' })] }),
    silent: good({ observations: [...good().observations, anObservation('T2', 9.1, { id: 'again' })] }),
    says: /“Height” of T2 on Wed 8 Apr: 9\.1 and 12\. The latest one counts until someone chooses/,
  },
  {
    rule: 'observer',
    severity: 'serious',
    fires: good({
      observations: good().observations.map((seen) => ({ ...seen, observer: armOf(seen.unit) === 'C' ? 'Bracken' : 'Polypody' })),
    }),
    says: /Bracken recorded most of C, and Polypody most of T/,
  },
  {
    rule: 'early-look',
    severity: 'caution',
    fires: good({ observations: readings(3, [4, 5, 4, 5, 5, 4, 5, 4, 5, 5]) }),
    says: /an early look, on day 3 of 7/,
  },
  {
    rule: 'crossover',
    severity: 'caution',
    fires: good({
      observations: [
        ...readings(3, [4, 4.2, 4.1, 4.3, 4, 6, 6.2, 6.1, 6.3, 6]),
        ...readings(7, [9, 9.2, 9.1, 9.3, 9, 7, 7.2, 7.1, 7.3, 7]),
      ],
    }),
    says: /“T” was ahead on day 3, and “C” on day 7/,
  },
  {
    rule: 'looks-differ',
    severity: 'caution',
    fires: good(
      {
        observations: [
          ...readings(7, [8, 9, 8.5, 9.5, 9, 5, 5.2, 5.4, 5.6, 5.8]),
          ...readings(7, [2, 2, 1, 2, 1, 4, 4, 5, 4, 5], { measure: 'look' }),
        ],
      },
      { measures: [aMeasure({ readingDays: [7] }), look] },
    ),
    silent: good(
      {
        observations: [
          ...readings(7, [8, 9, 8.5, 9.5, 9, 5, 5.2, 5.4, 5.6, 5.8]),
          ...readings(7, [5, 4, 5, 4, 5, 2, 2, 1, 2, 1], { measure: 'look' }),
        ],
      },
      { measures: [aMeasure({ readingDays: [7] }), look] },
    ),
    says: /T looks better than C by eye .*, but does worse in “Height”/,
  },
  {
    rule: 'outlier',
    severity: 'caution',
    fires: good(
      { observations: readings(7, [8, 9, 8.5, 9.5, 30, 8.2, 9.1, 8.4, 9.6, 9.3]) },
      { measures: [aMeasure({ readingDays: [7] })] },
    ),
    says: /C5 is far/,
  },
  {
    rule: 'transfer',
    severity: 'serious',
    fires: good(incident('move', { arms: ['T'] }), {
      units: codes.map((code) =>
        aUnit(code, armOf(code), {
          sown: 10,
          ...(/T[12]/.test(code) ? { status: 'lost', lostOn: code === 'T1' ? '2026-04-02' : '2026-04-06' } : {}),
        }),
      ),
    }),
    says: /only T was moved.*T lost 1 up to that day and 1 after it/,
  },
  {
    rule: 'transfer',
    severity: 'caution',
    fires: good(incident('move', { note: 'all potted on' })),
    says: /all groups were moved in the same way \(all potted on\)/,
  },
];

describe('the validity check', () => {
  it('finds nothing in a good run', () => {
    expect(told(good())).toEqual([]);
  });

  it.each(cases)('$rule fires ($severity) and keeps silent', ({ rule, severity, fires, silent = good(), says }) => {
    const found = told(fires).find((finding) => finding.rule === rule);
    expect(found).toMatchObject({ severity });
    expect(found?.message).toMatch(says);
    expect(found?.remedy.length).toBeGreaterThan(10);
    expect(told(silent).filter((finding) => finding.rule === rule)).toEqual([]);
  });

  it('has a case here for every rule', () => {
    expect(new Set(cases.map(({ rule }) => rule)).size).toBe(validityRules.length);
  });
});

describe('what happened, and was mended', () => {
  const said = (...incidents: Incident[]) => told(good({ incidents })).map(({ message }) => message);
  const lamp = anIncident('equipment', { note: 'lamp off' });

  it('is told as it is now; the old words weigh nothing more', () => {
    const mended = anIncident('equipment', { id: 'm', note: 'lamp off', arms: ['T'], replaces: 'h' });
    expect(said(lamp)[0]).toContain('affected all groups equally');
    expect(said(lamp, mended)).toEqual([expect.stringContaining('It affected only T,')]);
  });

  it('and withdrawn is not told at all', () => {
    expect(said(lamp, anIncident('equipment', { id: 'm', replaces: 'h', withdrawn: true }))).toEqual([]);
  });

  it('its effect is told at once, whatever was written before', () => {
    const study = good({ incidents: [anIncident('weather', { id: 'w' })] });
    expect(eventEffects(study, lamp)).toMatchObject([{ rule: 'equipment', severity: 'caution' }]);
    expect(eventEffects(study, { ...lamp, units: ['T1'] })).toMatchObject([{ rule: 'equipment', severity: 'serious' }]);
  });
});

describe('what is expected and what is good', () => {
  it('are two things: a treatment that is meant to do harm, looks worse and is worse, is no contradiction', () => {
    const observations = [
      ...readings(7, [8, 9, 8.5, 9.5, 9, 5, 5.2, 5.4, 5.6, 5.8]),
      ...readings(7, [5, 4, 5, 4, 5, 2, 2, 1, 2, 1], { measure: 'look' }),
    ];
    const measures = (more: Partial<Measure>) => [aMeasure({ readingDays: [7], ...more }), look];
    const differs = (more: Partial<Measure>) =>
      told(good({ observations }, { measures: measures(more) })).filter(({ rule }) => rule === 'looks-differ');
    expect(differs({ higherIs: 'better', expected: 'less' })).toEqual([]);
    expect(differs({ higherIs: 'worse' })).toHaveLength(1);
  });
});

describe('a walk that was not read', () => {
  const half = good({ observations: good().observations.filter((seen) => seen.id !== 'height-T2-7') });
  const missed = (study: Study, today?: string) => told(study, today).filter(({ rule }) => rule === 'missed');

  it('is not missed on its own day, and is from the next on', () => {
    expect(missed(half, '2026-04-08')).toEqual([]);
    expect(itemAt(missed(half, '2026-04-09'), 0).message).toMatch(/wasn’t recorded on day 7 in T2/);
    expect(itemAt(missed(half), 0).message).toMatch(/wasn’t recorded on day 7 in T2/);
  });

  it('is missed also where nothing was read after it', () => {
    const early = good({ observations: readings(3, [4, 5, 4.5, 5.5, 5, 4, 5, 4.5, 5.5, 5]) });
    expect(missed(early)).toEqual([]);
    expect(missed(early, '2026-04-08')).toEqual([]);
    expect(itemAt(missed(early, '2026-04-20'), 0).message).toBe('Nobody recorded “Height” on day 7.');
  });

  it('is not made up for by “not read”', () => {
    const said = anObservation('T2', 0, { id: 'x', observedOn: '2026-04-08', plannedDay: 7, value: null, absent: 'not-read' });
    expect(itemAt(missed({ ...half, observations: [...half.observations, said] }), 0).message).toMatch(/wasn’t recorded on day 7 in T2/);
  });
});

describe('what was given is compared in one unit', () => {
  const fires = (study: Partial<Study>) => told(good(study)).filter(({ rule }) => rule === 'care-differs');

  it('a cup against a millilitre differs, a cup against 237 mL does not', () => {
    expect(itemAt(fires(waterIn({ C: [1, 'mL'], T: [1, 'cup'] })), 0).message).toContain('C (0.2 mL each) and T (47.3 mL each)');
    expect(fires(waterIn({ C: [237, 'ml'], T: [1, 'cup'] }))).toEqual([]);
  });

  it('amounts that do not add are left alone', () => {
    expect(fires(waterIn({ C: [1, 'g'], T: [1, 'cup'] }))).toEqual([]);
  });
});

describe('a change of the lead', () => {
  it('is seen in the heights themselves, whatever was sown', () => {
    const heights = (day: number, c: number, t: number) =>
      readings(
        day,
        codes.map((code, i) => (armOf(code) === 'C' ? c : t) + (i % 5) / 10),
      );
    const sown = { units: codes.map((code) => aUnit(code, armOf(code), { sown: armOf(code) === 'C' ? 1 : 100 })) };
    // Control ahead on both days: divided by what was sown it would seem so in one arm only.
    const steady = good({ observations: [...heights(3, 5, 4), ...heights(7, 9, 8)] }, sown);
    expect(told(steady).filter(({ rule }) => rule === 'crossover')).toEqual([]);
    const crossed = good({ observations: [...heights(3, 5, 4), ...heights(7, 8, 9)] }, sown);
    expect(told(crossed).some(({ rule }) => rule === 'crossover')).toBe(true);
  });

  it('pickings cross over as running totals', () => {
    const crop = { measures: [aMeasure({ kind: 'harvest', when: 'total', readingDays: [3, 7] })] };
    const picked = (day: number, control: number, treated: number) =>
      readings(
        day,
        Array.from({ length: 10 }, (_, i) => (i < 5 ? control : treated) + (i % 5) / 10),
      );
    const crossed = good({ observations: [...picked(3, 1, 5), ...picked(7, 20, 6)] }, crop);
    const finding = itemAt(
      told(crossed).filter(({ rule }) => rule === 'crossover'),
      0,
    );
    expect(finding.message).toMatch(/“T” was ahead on day 3, and “C” on day 7/);
    // More on the last day alone is no lead: T has given more in all.
    const steady = good({ observations: [...picked(3, 1, 30), ...picked(7, 20, 6)] }, crop);
    expect(told(steady).filter(({ rule }) => rule === 'crossover')).toEqual([]);
  });
});
