import { itemAt } from '../invariant';
import { blankOf, stageFields, type Experiment, type Plan, type Stage } from '../model';
import { aMeasure, anArm, anExperiment, aUnit } from '../testing';
import { fairTest } from './fairTest';
import { withWords, type Finding } from '../words/findings';

export const told = (experiment: Experiment) => fairTest(experiment).map(withWords);

/** Four pots an arm in turn along the bench, with everything said that a plan should say. */
export function good(more: Partial<Experiment> = {}, plan: Partial<Plan> = {}): Experiment {
  const units = Array.from({ length: 8 }, (_, i) => aUnit(`P${i + 1}`, itemAt('CTTCCTTC', i), { row: 1, column: i + 1 }));
  const base = anExperiment({ units });
  return { ...base, ...more, plan: { ...base.plan, spreadGuess: 0.05, controlGuess: 10, ...plan } };
}
export const units = (arms: string, more: (arm: string, i: number) => object = () => ({})) =>
  [...arms].map((arm, i) => aUnit(`P${i + 1}`, arm, { row: 1, column: i + 1, ...more(arm, i) }));

export const bath = (name: string, arm: string, hours: number): Stage => ({
  ...blankOf(stageFields),
  name,
  kind: 'soak',
  arms: [arm],
  hours,
});

interface Case {
  readonly rule: Finding['rule'];
  readonly severity: string;
  readonly fires: Experiment;
  readonly silent?: Experiment;
  readonly says: RegExp;
}

export const cases: readonly Case[] = [
  {
    rule: 'dose',
    severity: 'serious',
    fires: good({
      arms: [anArm('C', { role: 'control', dose: 0, doseUnit: 'h' }), anArm('T', { name: '6 h in water', dose: 18, doseUnit: 'h' })],
    }),
    silent: good({
      arms: [anArm('C', { role: 'control', dose: 0, doseUnit: 'h' }), anArm('T', { name: '18 h in water', dose: 18, doseUnit: 'h' })],
    }),
    says: /The dose of “6 h in water” is 18 h, and its name says 6 h/,
  },
  {
    rule: 'crop',
    severity: 'caution',
    fires: good({ measures: [aMeasure({ kind: 'harvest', unit: 'g', readingDays: [20] })] }, { plant: 'radish', crop: 'radish' }),
    silent: good({ measures: [aMeasure({ kind: 'harvest', unit: 'g', readingDays: [30] })] }, { plant: 'radish', crop: 'radish' }),
    says: /ready 25 to 35 days after it is sown/,
  },
  { rule: 'comparison', severity: 'blocker', fires: good({ arms: [anArm('A'), anArm('T')] }), says: /There’s no control group/ },
  {
    rule: 'measure',
    severity: 'serious',
    fires: good({ measures: [aMeasure({ smallestDifference: null })] }),
    says: /how big a difference would matter/,
  },
  {
    rule: 'measure',
    severity: 'serious',
    fires: good({ measures: [aMeasure({ name: 'Does better', unit: '' })] }),
    silent: good({ measures: [aMeasure({ name: 'Better leaves', unit: 'g' })] }),
    says: /two people would make differently/,
  },
  {
    rule: 'named',
    severity: 'caution',
    fires: good({
      hypothesis: 'Basil with rain water has more leaves.',
      measures: [aMeasure(), aMeasure({ code: 'leaves', name: 'Leaves', primary: false })],
    }),
    silent: good({ hypothesis: 'Basil with rain water has more leaves.' }),
    says: /speaks of “Leaves”, but “Height” is the main measurement/,
  },
  {
    rule: 'end',
    severity: 'caution',
    fires: good({ measures: [aMeasure({ readingDays: [7, 14] })] }, { endRule: 'day 7, or when nothing new comes' }),
    silent: good({ measures: [aMeasure({ readingDays: [7, 14] })] }, { endRule: 'day 7 for roots, day 20 for leaves' }),
    says: /ends on day 7, but the last reading is on day 14/,
  },
  { rule: 'replication', severity: 'serious', fires: good({ units: units('CTTTT') }), says: /only one pot/ },
  {
    rule: 'reach',
    severity: 'serious',
    fires: good({ units: units('CTTCTC') }, { controlGuess: null }),
    silent: good({ units: units('CTTCTCCT') }),
    says: /1 of 10 shuffles/,
  },
  {
    rule: 'shared',
    severity: 'serious',
    fires: good({ units: units('CTTCCTTC', (arm) => ({ container: arm === 'T' ? 'tank 2' : 'tank 1' })) }),
    silent: good({ units: units('CTTCCTTC', (_, i) => ({ container: `tank ${i % 2}` })) }),
    says: /tank 1/,
  },
  {
    rule: 'one-change',
    severity: 'serious',
    fires: good({ arms: [anArm('C', { factors: { light: 'low', feed: 'no' } }), anArm('T', { factors: { light: 'high', feed: 'yes' } })] }),
    silent: good({
      arms: (
        [
          ['C', 'low', 'no'],
          ['T', 'high', 'yes'],
          ['U', 'low', 'yes'],
          ['V', 'high', 'no'],
        ] as const
      ).map(([arm, light, feed]) => anArm(arm, { factors: { light, feed } })),
    }),
    says: /differs from C in light and feed\./,
  },
  {
    rule: 'vehicle',
    severity: 'serious',
    fires: good({}, { stages: [bath('soak', 'T', 6)] }),
    silent: good(
      {},
      {
        stages: [bath('soak', 'T', 6), bath('plain soak', 'C', 6)],
      },
    ),
    says: /doesn’t get “soak” for 6 h/,
  },
  {
    rule: 'same-start',
    severity: 'serious',
    fires: good({ units: units('CTTCCTTC', (arm) => ({ startedOn: arm === 'T' ? '2026-04-05' : '2026-04-01' })) }),
    says: /Sun 5 Apr/,
  },
  {
    rule: 'identity',
    severity: 'serious',
    fires: good({ units: [...units('CTTCCTTC'), aUnit('P9', 'T', { row: 1, column: 1 })] }),
    says: /P1 and P9 share a position/,
  },
  {
    rule: 'blind',
    severity: 'serious',
    fires: good({ measures: [aMeasure({ kind: 'rating', unit: '' })] }),
    silent: good({ measures: [aMeasure({ kind: 'rating', unit: '' })], blinded: true }),
    says: /We tend to see what we expect/,
  },
  {
    rule: 'power',
    severity: 'caution',
    fires: good({}, { spreadGuess: 0.15 }),
    silent: good({}, { spreadGuess: null }),
    says: /times? in 10/,
  },
  { rule: 'position', severity: 'caution', fires: good({ units: units('CCCTCTTT') }), says: /clustered from left to right/ },
  { rule: 'place', severity: 'serious', fires: good({ units: units('CCCCTTTT') }), says: /Each group is on its own side/ },
  {
    rule: 'factor-kept',
    severity: 'serious',
    fires: good({}, { changed: 'the kind of water', kept: [{ what: 'water', how: 'the same' }] }),
    silent: good({}, { changed: 'hours in water before sowing', kept: [{ what: 'water', how: 'the same' }] }),
    says: /“water” is listed as kept the same/,
  },
  {
    rule: 'words',
    severity: 'caution',
    fires: good({ hypothesis: 'Basil with X is taller.' }),
    silent: good({ hypothesis: 'Basil with rain water is taller.' }),
    says: /still an X in the hypothesis/,
  },
  {
    rule: 'spillover',
    severity: 'caution',
    fires: good({}, { spilloverRoutes: ['drips'] }),
    silent: good({}, { spilloverRoutes: ['drips'], barriers: [1, 3, 5, 7].map((column) => ({ row: 1, column })) }),
    says: /Drips can spread/,
  },
  {
    rule: 'same-seed',
    severity: 'caution',
    fires: good({ units: units('CTTCCTTC', (arm) => ({ lot: arm === 'T' ? 'old bag' : 'new bag' })) }),
    silent: good({ units: units('CTTCCTTC', (_, i) => ({ lot: `bag ${Math.floor(i / 4)}` })) }),
    says: /old bag/,
  },
  {
    rule: 'thinning',
    severity: 'caution',
    fires: good({ units: units('CTTCCTTC', () => ({ sown: 3 })) }, { plantsKept: 1 }),
    silent: good({ units: units('CTTCCTTC', () => ({ sown: 3 })) }, { plantsKept: 1, thinningRule: 'nearest the centre' }),
    says: /3 are sown and 1 is kept/,
  },
  {
    rule: 'losses',
    severity: 'caution',
    fires: good({}, { expectedSurvival: 0.7, controlGuess: null }),
    silent: good({}, { expectedSurvival: 1 }),
    says: /perhaps only 2 will survive/,
  },
  {
    rule: 'held',
    severity: 'caution',
    fires: good({}, { usuallyKept: ['light'], kept: [{ what: 'Light', how: ' ' }] }),
    silent: good({}, { usuallyKept: ['light'], kept: [{ what: 'Light', how: '16 h' }] }),
    says: /“light”/,
  },
  { rule: 'unequal', severity: 'note', fires: good({ units: units('CTTCCTTCT') }), says: /different numbers/ },
  { rule: 'scope', severity: 'note', fires: good({}, { notTested: ['taste'] }), says: /taste/ },
];

/** What only the person can do. */
