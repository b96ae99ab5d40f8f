import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { anArm, studyOf } from '../testing';
import {
  blankOf,
  careFields,
  emptyPlan,
  emptyPrediction,
  emptyWriting,
  photoFields,
  stageFields,
  type Care,
  type Stage,
  type Study,
} from '../model';
import { crossFactors } from '../plan/crossFactors';
import { analyse } from '../analyse';
import type { Block } from './Block';
import { markdown } from './markdown';
import { partsToWrite, report, reportLengths } from '../words/write/report';
import { showP, termsTable, trendSentence } from '../words/write/resultTables';

const base = studyOf(
  { C: [10, 11, 9, 10.5, 9.5], T: [15, 16, 14, 15.5, 14.5] },
  { arms: [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })] },
  (arm, i) => ({ row: 1, column: i * 2 + (arm === 'C' ? 1 : 2) }),
);
const study: Study = {
  ...base,
  experiment: {
    ...base.experiment,
    title: 'Tea *and* radish',
    writing: { ...emptyWriting, discussion: 'Tea *helps*.\n\n<b>We think</b>.' },
    plan: {
      ...emptyPlan,
      plant: 'radish',
      unitNoun: 'pot',
      changed: 'what they drink',
      randomisationSeed: 4817,
      endRule: 'day 7',
      kept: [{ what: 'light', how: '16 h' }],
      materials: ['pots', ''],
      steps: ['Fill.', 'Sow.'],
      cautions: ['Hot tea: adult pours.'],
      amendments: [{ on: '2026-04-03', what: 'one reading less', reason: 'holiday', changes: [] }],
      notTested: ['taste'],
      predictions: [{ ...emptyPrediction, person: 'Bracken', expects: 'taller', reason: 'caffeine', on: '2026-03-31' }],
    },
  },
};
const text = markdown(report(study, analyse(study)));

describe('the lab report', () => {
  it('has the same parts to write before its result is known', () => {
    for (const { length } of reportLengths) {
      const experiment = { ...study.experiment, writing: { ...study.experiment.writing, length } };
      const parts = (blocks: readonly Block[]) =>
        blocks.flatMap((block, i) => (block.kind === 'own' ? [[blocks[i - 1], block.part, block.text]] : []));
      const whole = report({ ...study, experiment }, analyse(study));
      expect(parts(partsToWrite(experiment))).toEqual(parts(whole));
      expect(partsToWrite(experiment)[0]).toEqual(whole[0]);
    }
  });

  it('has its parts in order', () => {
    const headings = [...text.matchAll(/^## (.*)$/gm)].map(([, heading]) => heading);
    expect(headings).toEqual([
      'Question',
      'Background',
      'Hypotheses',
      'Variables',
      'Materials',
      'Method',
      'Results',
      'Problems and changes',
      'What could have fooled us',
      'Discussion',
      'Conclusion',
      'Next time',
    ]);
  });

  it.each([
    ['the predictions', 'Bracken: taller, because caffeine'],
    ['what was changed on purpose', 'What they drink:'],
    ['what was kept the same', 'light: 16 h'],
    ['the shuffle number, and what was moved since', 'The places were shuffled (shuffle number 4817), then'],
    ['where each unit stood', '    C1 C   T1 T   C2 C'],
    ['the caution', '> **Take care.** Hot tea: adult pours.'],
    ['a change after the start', 'Friday 3 April: the plan was changed: one reading less (holiday).'],
    ['the verdict', '5.0 cm higher with tea than with plain water'],
    ['the comparison', '| tea | 5.0 | 3.8 to 6.2 | 1.50'],
    ['what was not tested', 'Not tested here: taste.'],
    ['a part that is not written', '*Not written yet.*'],
  ])('shows %s', (_, words) => {
    expect(text).toContain(words);
  });

  it('says of reading blind what the readings say, and never that nobody knew where somebody did', () => {
    const told = (blind: number): string => {
      const observations = study.observations.map((seen, i) => ({ ...seen, blinded: i < blind }));
      const own: Study = { ...study, observations, experiment: { ...study.experiment, blinded: true } };
      return markdown(report(own, analyse(own)));
    };
    expect(told(0)).toContain('The plan was to hide the groups while recording.');
    expect(told(4)).toContain(', 4 of them with the groups hidden.');
    expect(told(study.observations.length)).toContain(', all with the groups hidden.');
    for (const blind of [0, 4]) expect(told(blind)).not.toContain('did not know');
  });

  it('tells of the steps what the log says, and of what nobody confirmed that it was planned', () => {
    const { experiment } = study;
    const stage = (more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), kind: 'move', ...more });
    const plan = {
      ...experiment.plan,
      lockedOn: '2026-04-01',
      stages: [
        stage({ name: 'soaked', kind: 'soak', arms: ['T'], hours: 6 }),
        stage({ name: 'potted', days: [2] }),
        stage({ name: 'fed', days: [3] }),
        stage({ name: 'lifted', days: [30] }),
        stage({ name: 'watering', kind: 'handle' }),
        stage({ name: 'rubbed', kind: 'handle', arms: ['T'], tested: true }),
      ],
    };
    const done = (step: string, on: string, more: Partial<Care> = {}): Care => ({
      ...blankOf(careFields),
      id: step,
      kind: 'other',
      step,
      on,
      ...more,
    });
    const some = experiment.units.slice(0, 4).map(({ code }) => code);
    const told: Study = {
      ...study,
      experiment: { ...experiment, plan },
      care: [done('potted', '2026-04-04'), done('fed', '2026-04-04', { units: some })],
    };
    const words = markdown(report(told, analyse(told)));
    expect(words.slice(words.indexOf('### Steps')).split('\n').slice(2, 8)).toEqual([
      '- Soaked for 6 h, planned from Wed 1 Apr, 02:50, and not confirmed: tea.',
      '- Potted, on Sat 4 Apr, planned for day 2: all groups.',
      '- Fed, on Sat 4 Apr: all groups. For 6 of 10 pots it was not confirmed.',
      '- Lifted, planned for day 30: all groups.',
      '- Watering: all groups.',
      expect.stringMatching(/^- Rubbed, planned from .*, and not confirmed: tea\.$/),
    ]);
  });

  it('tells of unequal numbers, what was shared, steps with days, what else differed, and each block', () => {
    const { experiment } = study;
    const units = experiment.units.map((unit, i) => ({
      ...unit,
      sown: i === 0 ? 23 : 25,
      block: i % 2 === 0 ? 'runner beans' : 'broad beans',
      container: `tank ${unit.arm}`,
    }));
    const stage = { ...blankOf(stageFields), name: 'potted', kind: 'move' as const, arms: ['C', 'T'], days: [9, 30] };
    const plan = { ...experiment.plan, stages: [stage], differences: ['three litres against four', ''] };
    const told: Study = { ...study, experiment: { ...experiment, layout: 'blocks', units, plan } };
    const words = markdown(report(told, analyse(told)));
    expect(words).toContain('Not all had the same number of seeds: 25 in 9 of them and 23 in 1 of them.');
    expect(words).toContain('plain water in tank C; tea in tank T.');
    expect(words).toContain('### Planned steps');
    expect(words).toContain('Potted, planned for day 9 and 30: all groups.');
    expect(words).toMatch(/### Other differences between groups\s+- three litres against four/);
    expect(words).toContain('| runner beans | 9.50 (3) | 15.75 (2) |');
  });

  it('shows the photos that the writer chose with their words, and none that was withdrawn', () => {
    const shot = { ...blankOf(photoFields), on: '2026-04-04', units: ['T1'], width: 9, height: 9 };
    const photos = [
      { ...shot, id: 'a', file: 'a.jpg', note: 'the *first* leaf' },
      { ...shot, id: 'b', file: 'b.jpg' },
      { ...shot, id: 'c', file: 'c.jpg' },
      { ...shot, id: 'd', file: 'c.jpg', replaces: 'c', withdrawn: true },
    ];
    const { experiment } = study;
    const chosen = { ...experiment, writing: { ...experiment.writing, photos: ['a.jpg', 'c.jpg'] } };
    const words = markdown(report({ ...study, experiment: chosen, photos }, analyse(study)));
    expect(words).toContain('## Photos\n\n![Figure 3. the \\*first\\* leaf (T1, tea, day 3)](photos/a.jpg)\n\n##');
    expect(words).not.toContain('b.jpg');
  });

  it('tells what each arm was given, and each step that was done on its day', () => {
    const blank = blankOf(careFields);
    const care = [
      { ...blank, id: 'a', on: '2026-04-02', arms: ['C'], amount: 500, amountUnit: 'mL' },
      {
        ...blank,
        id: 'b',
        on: '2026-04-02',
        units: study.experiment.units.filter(({ arm }) => arm === 'T').map(({ code: unit }) => unit),
        amount: 0.1,
        amountUnit: 'L',
      },
      { ...blank, id: 'c', on: '2026-04-03', amount: 900, amountUnit: 'mL' },
      { ...blank, id: 'd', on: '2026-04-03', withdrawn: true, replaces: 'c' },
      { ...blank, id: 'e', on: '2026-04-09', kind: 'other' as const, step: 'potted', units: ['C1', 'T2'] },
    ];
    const words = markdown(report({ ...study, care }, analyse({ ...study, care })));
    expect(words).toContain('Water in all: plain water 100 mL each, tea 100 mL each.');
    expect(words).toContain('Thursday 9 April: potted: C1, T2');
  });

  it('keeps what was typed from turning into signs, in the writer’s own words too', () => {
    expect(text).toContain('Tea \\*helps\\*.\n\n\\<b\\>We think\\</b\\>.');
    expect(text).toContain('# Tea \\*and\\* radish');
  });

  it('says what p means in shuffles', () => {
    expect(text).toContain('shuffling the group labels would give a difference at least this big in about 8 of 1,000 shuffles');
    expect([showP(null), showP(0.0004), showP(0.0304)]).toEqual(['–', '< 0.001', '0.030']);
  });
});

describe('tables beside the verdict', () => {
  it('a factorial has a row for each factor and interaction', () => {
    const arms = crossFactors({ name: 'mulch', levels: ['none', 'deep'] }, { name: 'pot', levels: ['clay', 'felt'] });
    const crossed = studyOf({ C: [10, 11, 12], A2: [8, 9, 10], B1: [6, 7, 8], B2: [3, 4, 5] }, { arms });
    const measure = itemAt(crossed.experiment.measures, 0);
    expect(termsTable(measure, itemAt(analyse(crossed).measures, 0))?.rows.map(([term, df]) => [term, df])).toEqual([
      ['mulch', '1'],
      ['pot', '1'],
      ['mulch × pot', '1'],
      ['residual', '8'],
    ]);
    expect(termsTable(measure, itemAt(analyse(base).measures, 0))).toBeNull();
  });

  it('doses have a sentence with the slope, and the turn where the curve bends', () => {
    const doses = [0, 1, 2, 3, 4];
    const values = Object.fromEntries(
      doses.map((dose) => [dose === 0 ? 'C' : `d${dose}`, [0.1, -0.1, 0].map((off) => 10 + 4 * dose - dose * dose + off)]),
    );
    const dosed = studyOf(values, { arms: doses.map((dose) => anArm(dose === 0 ? 'C' : `d${dose}`, { dose, doseUnit: 'g' })) });
    expect(trendSentence(dosed, itemAt(dosed.experiment.measures, 0), itemAt(analyse(dosed).measures, 0))).toMatch(
      /^Over the doses: .* cm per g .* The curve turns at 2\.\d+ g/,
    );
    expect(trendSentence(base, itemAt(base.experiment.measures, 0), itemAt(analyse(base).measures, 0))).toBeNull();
  });
});
