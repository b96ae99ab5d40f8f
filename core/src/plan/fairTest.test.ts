import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { blankOf, shelfFields, type Experiment } from '../model';
import { aMeasure, anArm } from '../testing';
import { factorsOf } from '../model/factors';
import { crossFactors } from './crossFactors';
import { fairTestRules } from './fairTest';
import { placesInWords } from '../words/plan/placesInWords';
import { oneSideEach } from './oneSideEach';
import { remedyFor } from './remedies';
import { dealAnew, redesign } from './redesign';
import { cases, good, told, units, bath } from './fairTest.fixture';

describe('crossed factors', () => {
  const mulch = { name: 'mulch', levels: ['none', 'deep'] };
  const pot = { name: 'pot', levels: ['clay', 'felt', 'plastic'] };

  it('make every combination, with the first levels as the control', () => {
    const arms = crossFactors(mulch, pot);
    expect(arms.map(({ code: arm, role }) => [arm, role])).toEqual([
      ['C', 'control'],
      ['A2', 'treatment'],
      ['A3', 'treatment'],
      ['B1', 'treatment'],
      ['B2', 'treatment'],
      ['B3', 'treatment'],
    ]);
    expect(factorsOf(arms)).toEqual([mulch, pot]);
    expect(told(good({ arms })).filter(({ rule }) => rule === 'one-change')).toEqual([]);
  });

  it('keep the arms that are there, and need two levels', () => {
    const first = itemAt(crossFactors(mulch, pot), 0);
    expect(itemAt(crossFactors(mulch, pot, [{ ...first, name: 'bare clay' }]), 0).name).toBe('bare clay');
    expect(() => crossFactors(mulch, { name: 'pot', levels: ['clay'] })).toThrow(RangeError);
  });
});

describe('the fair-test check', () => {
  it('finds nothing in a good plan', () => {
    expect(told(good())).toEqual([]);
  });

  it.each(cases)('$rule fires ($severity) and keeps silent', ({ rule, severity, fires, silent = good(), says }) => {
    const found = told(fires).find((finding) => finding.rule === rule);
    expect(found).toMatchObject({ severity });
    expect(found?.message).toMatch(says);
    expect(found?.remedy.length).toBeGreaterThan(10);
    expect(told(silent).filter((finding) => finding.rule === rule)).toEqual([]);
  });

  const saying = (experiment: Experiment, rule: string) =>
    told(experiment)
      .filter((finding) => finding.rule === rule)
      .map(({ severity, message }) => `${severity}: ${message}`);

  it('tells one cause once: a tank for each arm is one sentence, and two tanks an arm are two, not four', () => {
    const tanks = (each: number) =>
      good({ units: units('CTTCCTTC', (arm, i) => ({ container: `tank ${arm}.${each === 1 ? 1 : i % 2}` })) }, { containerNoun: 'tank' });
    expect(saying(tanks(1), 'shared')).toEqual([
      'serious: C and T each have one tank to themselves: tank C.1 and tank T.1. Anything unusual about one tank would look like the treatment.',
    ]);
    const two = good({ units: units('CCCCTTTT', (arm, i) => ({ container: `tank ${arm}.${i % 2}` })) }, { containerNoun: 'tank' });
    expect(saying(two, 'shared')).toEqual([
      'caution: Each group has 2 tanks, so its 4 pots count as 2, not as 4. What happens to a tank happens to everything in it.',
    ]);
    const unequal = good(
      { units: units('CCCCTTTTTT', (arm, i) => ({ container: `tank ${arm}.${i % (arm === 'C' ? 2 : 3)}` })) },
      { containerNoun: 'tank' },
    );
    expect(saying(unequal, 'shared')).toEqual([
      'caution: Each tank counts once: C (2, not 4) and T (3, not 6). What happens to a tank happens to everything in it.',
    ]);
  });

  it('counts one in the singular, and never speaks of about 0', () => {
    const one = good({ units: units('CT') }, { expectedSurvival: 0.5 });
    expect(saying(one, 'losses')[0]).toContain('Of 1 pot per group, perhaps none will survive.');
    for (const finding of told(one)) expect(finding.message).not.toMatch(/\b1 (pots|bottles|cuttings)\b/);
  });

  it('knows what differs though it should not: on purpose, in the list of what is kept, in an arm that equals the control', () => {
    expect(saying(good({}, { differences: ['three litres against four', ' '] }), 'place')).toEqual([
      'serious: The groups also differ in something else: three litres against four. The result could come from that as well.',
    ]);
    const control = itemAt(good().arms, 0);
    expect(saying(good({ arms: [control, anArm('T', { name: control.name })] }), 'factor-kept')[0]).toContain('from the control');
    const three = [anArm('C'), anArm('T'), anArm('U')];
    expect(saying(good({ arms: three }, { stages: [bath('rinse', 'C', 1), bath('rinse', 'T', 1)] }), 'factor-kept')[0]).toContain(
      'Every group gets “rinse” except',
    );
  });

  it('asks about a word that no two people read alike, and about arms on shelves of their own', () => {
    expect(saying(good({ hypothesis: 'Basil with rain water does better.' }), 'words')[0]).toContain('“better” can be read in many ways');
    const shelves = ['A', 'B'].map((name) => ({ ...blankOf(shelfFields), name, columns: 4 }));
    const apart = good(
      { units: units('CTCTCTCT', (arm, i) => ({ row: arm === 'C' ? 1 : 2, column: 1 + Math.floor(i / 2) })) },
      { bench: shelves },
    );
    expect(saying(apart, 'place')[0]).toContain('on its own shelf');
    expect(saying(apart, 'position')).toEqual([]);
  });

  it('of fixed places says what they cost and offers no shuffle', () => {
    const halves = oneSideEach(good());
    expect(saying(halves, 'place')[0]).toContain('on its own side');
    expect(remedyFor({ rule: 'place' }, halves)).toBeNull();
    expect(told(redesign(halves, { unitsPerArm: 5 })).some(({ rule }) => rule === 'place')).toBe(true);
    expect(placesInWords(halves)).toContain('fixed');
  });

  it('has a case here for every rule', () => {
    const named = new Set(cases.map(({ rule }) => rule));
    expect(named.size).toBe(fairTestRules.length);
  });

  it('names the smallest p of few units: 2 of 6, 2 of 20, and enough at 2 of 70 (Fisher 1935, §21)', () => {
    const message = (arms: string) => told(good({ units: units(arms) })).find((finding) => finding.rule === 'reach')?.message;
    expect(message('CTTC')).toContain('1 of 3 shuffles');
    expect(message('CTTCTC')).toContain('1 of 10 shuffles');
    expect(message('CTTCCTTC')).toBeUndefined();
  });
});

it('arms that no result could tell stand in one finding, and its button does what it says', () => {
  const arms = ['C', 'A', 'B', 'D'].map((arm) => anArm(arm));
  const plan = good({ arms, units: units('CABDDBAC') }, { controlGuess: null });
  const found = told(plan).filter(({ rule }) => rule === 'reach');
  expect(found).toHaveLength(1);
  expect(itemAt(found, 0).message).toContain(
    'every pot with A, B and D beat every control, shuffling alone would give that in 1 of 3 shuffles',
  );
  expect(itemAt(found, 0).remedy).toBe('Use at least 3 pots per group.');
  const button = remedyFor(itemAt(found, 0), plan);
  expect(button?.label).toBe('Use 3 pots per group');
  expect(button && told(button.apply(plan, 1)).filter(({ rule }) => rule === 'reach')).toEqual([]);
});

it('how many are enough is one number: of the design where it can be played, and of the verdict once it has started', () => {
  const few = good({ units: units('CTTCTC') });
  const said = (experiment: Experiment, rule: string) =>
    told(experiment)
      .filter((own) => own.rule === rule)
      .map(({ remedy }) => remedy);
  expect(said(few, 'reach')).toEqual(['Use more pots: “What could this show?” says how many are enough.']);
  expect(remedyFor({ rule: 'reach' }, few)).toBeNull();
  const small = good({ measures: [aMeasure({ smallestDifference: 0.2 })] }, { expectedSurvival: 0.5 });
  expect([...said(small, 'power'), ...said(small, 'losses')]).toEqual([
    expect.stringMatching(/^About \d+ per group would give 8 times in 10, with the losses that you expect\.$/),
    'Start with more: “What could this show?” says how many.',
  ]);
  const unguessed = { ...small, plan: { ...small.plan, controlGuess: null } };
  expect(said(unguessed, 'losses')).toEqual(['Start with 8 per group.']);
  const started = (own: Experiment) => ({ ...own, plan: { ...own.plan, lockedOn: '2026-04-01' } });
  expect([...said(started(few), 'reach'), ...said(started(small), 'power'), ...said(started(small), 'losses')]).toEqual([
    'Only more pots could tell.',
    '',
  ]);
});

it('equal findings are one, with a list', () => {
  const three = [anArm('C'), anArm('T'), anArm('U')];
  const alone = told(good({ arms: three, units: units('CTU') })).filter(({ rule }) => rule === 'replication');
  expect(alone.map(({ message }) => message)).toEqual([
    'C, T and U each have only one pot. With so few you can’t separate the treatment from that pot’s luck.',
  ]);
  const night = good({ arms: three }, { stages: [bath('night in tea', 'T', 12), bath('night in water', 'C', 12)] });
  expect(
    told(night)
      .filter(({ rule }) => rule === 'factor-kept')
      .map(({ message }) => message),
  ).toEqual(['Every group gets “night in tea” or “night in water” except U.']);
  const judged = [aMeasure({ name: 'Does better', unit: '' }), aMeasure({ code: 'vigour', name: 'Vigour', unit: '', primary: false })];
  expect(told(good({ measures: judged })).filter(({ message }) => message.includes('two people'))).toEqual([
    expect.objectContaining({ message: '“Does better” and “Vigour” are judgements that two people would make differently.' }),
  ]);
});

it('a count without a number sown is planned as a number, not as a share', () => {
  const worms = aMeasure({ code: 'worms', name: 'Worms', kind: 'count', unit: '', smallestDifference: 4 });
  const plan = good({ measures: [worms] }, { spreadGuess: 0.4, controlGuess: 7 });
  const finding = itemAt(
    told(plan).filter(({ rule }) => rule === 'power'),
    0,
  );
  // SD 2.8 of 7 worms and a difference of 4: noncentral t gives 9 an arm (Cohen 1988, d = 1.43).
  expect(finding.remedy).toBe('About 9 per group would give 8 times in 10.');
  expect(remedyFor(finding, plan)?.label).toBe('Use 9 pots per group');
});

it('never accuses the app’s own shuffle of clumps, but the same places where somebody chose them', () => {
  const base = good({ units: units('CTCTCTCT') });
  const fires = (own: Experiment) => told(own).some(({ rule }) => rule === 'position');
  const dealt = Array.from({ length: 80 }, (_, i) => dealAnew(base, { seed: i + 1 }));
  expect(dealt.filter(fires)).toEqual([]);
  const chosen = dealt.map((own) => ({ ...own, plan: { ...own.plan, randomisationSeed: null } }));
  expect(chosen.some(fires)).toBe(true);
});
