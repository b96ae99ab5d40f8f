import { itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { aMeasure, anArm, anExperiment, aUnit } from '../../testing';
import { experimentFrom } from '../../ask/experimentFrom';
import { questions } from '../../ask/questions';
import { doseRule } from '../rules/dose';
import { addArm, crossTwo, removeArm, renameArm, setDose, setRole } from './arms';
import { sharingOf } from '../../study/bench/sharing';
import { shareContainers, toggleBarrier } from './bench';
import { addMeasure, changeMeasure, decideBy, removeMeasure, setMeasureKind } from './measures';
import { moveStart } from '../../study/moveStart';
import { startOn } from '../../prepare/startOn';
import { changeKit } from '../../prepare/kit/edits';
import { emptySolution } from '../../model';
import { addStage, changeStage, toggleStageArm, write } from './plan';
import { restorePlan } from './restorePlan';

const plan = anExperiment({
  arms: [anArm('C'), anArm('T'), anArm('U')],
  units: ['C', 'T', 'U', 'C', 'T', 'U'].map((arm, i) => aUnit(`P0${i + 1}`, arm, { row: 1, column: i + 1 })),
  measures: [aMeasure(), aMeasure({ code: 'leaves', name: 'Leaves', primary: false })],
});
const roles = (experiment: typeof plan) => experiment.arms.map(({ role }) => role);
const deciding = (experiment: typeof plan) => experiment.measures.filter(({ primary }) => primary).map(({ code: measure }) => measure);

describe('arms', () => {
  it('swap control and treatment in one step: there is always one control', () => {
    expect(roles(setRole(plan, 'T', 'control'))).toEqual(['treatment', 'control', 'treatment']);
    expect(roles(setRole(plan, 'C', 'treatment'))).toEqual(['treatment', 'control', 'treatment']);
    expect(roles(setRole(plan, 'C', 'reference'))).toEqual(['reference', 'control', 'treatment']);
    expect(roles(setRole(plan, 'U', 'reference'))).toEqual(['control', 'treatment', 'reference']);
  });

  it('where the control is taken away, the first treatment takes over; the last arm stays', () => {
    const left = removeArm(plan, 'C');
    expect(left.arms.map(({ code: arm, role }) => [arm, role])).toEqual([
      ['T', 'control'],
      ['U', 'treatment'],
    ]);
    expect(left.units.every(({ arm }) => arm !== 'C')).toBe(true);
    expect(removeArm(removeArm(left, 'T'), 'U').arms).toHaveLength(1);
  });

  it('a new one has a code of its own, units like the others, and the doses’ unit', () => {
    const dosed = { ...plan, arms: plan.arms.map((arm, i) => ({ ...arm, dose: i, doseUnit: 'mM' })) };
    const added = addArm(dosed);
    expect(added.arms.at(-1)).toMatchObject({ code: 'A', role: 'treatment', dose: null, doseUnit: 'mM' });
    expect(added.units.filter(({ arm }) => arm === 'A')).toHaveLength(2);
  });

  it('two factors make every combination, and say what is changed', () => {
    const crossed = crossTwo(plan, { name: 'mulch', levels: ['none', 'deep'] }, { name: 'pot', levels: ['clay', 'felt'] });
    expect(crossed.arms).toHaveLength(4);
    expect(crossed.plan.changed).toBe('mulch and pot');
  });
});

describe('a dose that is a time', () => {
  const soak = experimentFrom(
    itemAt(
      questions.filter(({ id }) => id === 'soak-or-dry'),
      0,
    ),
    {
      created: '2026-01-05T08:00:00Z',
      startOn: '2026-01-06',
      seed: 3,
    },
  );
  const six = (now: typeof soak) => [
    itemAt(now.arms, 1).dose,
    itemAt(now.arms, 1).name,
    itemAt(now.arms, 1).phrase,
    ...now.plan.stages.filter(({ arms }) => arms.includes('6')).map(({ hours }) => hours),
  ];

  it('takes its step, its name and its words along, and goes with its step', () => {
    const longer = [18, '18 h in water', 'after 18 h in water', 18];
    expect(six(setDose(soak, '6', 18))).toEqual(longer);
    const step = soak.plan.stages.findIndex(({ arms }) => arms.includes('6'));
    expect(six(changeStage(soak, step, { hours: 18 }))).toEqual(longer);
    expect(doseRule(setDose(soak, '6', 18))).toEqual([]);
  });

  it('leaves alone what tells another number, and the check asks which is right', () => {
    const named = renameArm(soak, '6', 'steeped for 16 h');
    expect(itemAt(setDose(named, '6', 18).arms, 1).name).toBe('steeped for 16 h');
    expect(doseRule(named)).toMatchObject([{ facts: { dose: '6 h', says: '16 h', step: null } }]);
    const arms = soak.arms.map((arm) => (arm.code === '6' ? { ...arm, dose: 7, name: 'in water' } : arm));
    expect(doseRule({ ...soak, arms })).toMatchObject([{ facts: { name: 'in water', dose: '7 h', says: '6 h' } }]);
  });
});

describe('measures', () => {
  it('one always decides: where it is taken away the first of the others does', () => {
    expect(deciding(removeMeasure(plan, 'height'))).toEqual(['leaves']);
    expect(deciding(removeMeasure(plan, 'leaves'))).toEqual(['height']);
    expect(removeMeasure(removeMeasure(plan, 'height'), 'leaves').measures).toHaveLength(1);
    expect(deciding(decideBy(plan, 'leaves'))).toEqual(['leaves']);
  });

  it('a new one has a code that none has', () => {
    const taken = { ...plan, measures: [...plan.measures, aMeasure({ code: 'm4', primary: false })] };
    expect(addMeasure(taken).measures.at(-1)).toMatchObject({ code: 'm5', primary: false, readingDays: [7] });
  });

  it('of another kind starts with what that kind starts with', () => {
    expect(setMeasureKind(plan, 'height', 'harvest').measures[0]).toMatchObject({ kind: 'harvest', when: 'total', primary: true });
    expect(setMeasureKind(plan, 'height', 'event').measures[0]).toMatchObject({ kind: 'event', unit: 'd', when: 'final' });
    expect(setMeasureKind(plan, 'height', 'derived').measures[0]).toMatchObject({ kind: 'derived', derived: '' });
  });
});

describe('the bench and the steps', () => {
  it('says how units share, and null where they came another way', () => {
    expect(sharingOf(plan)?.how).toBe('own');
    for (const [how, each] of [
      ['all', 1],
      ['arm', 1],
      ['several', 2],
      ['places', 3],
    ] as const)
      expect(sharingOf(shareContainers(plan, { how, what: 'tank', each }))).toEqual({ how, what: 'tank', each });
    const two = shareContainers(plan, { how: 'several', what: 'tank', each: 2 }).units.filter(({ arm }) => arm === 'C');
    const half = Math.ceil(two.length / 2);
    expect(two.map(({ container }) => container)).toEqual(two.map((_, i) => `tank C.${i < half ? 1 : 2}`));
    expect(
      sharingOf({ plan: plan.plan, units: plan.units.map((unit, i) => ({ ...unit, container: i < 3 ? 'the sink' : 'a bath' })) }),
    ).toBeNull();
  });

  it('a barrier is put up and taken away by the same step', () => {
    const up = toggleBarrier(plan, 1, 2);
    expect(up.plan.barriers).toEqual([{ row: 1, column: 2 }]);
    expect(toggleBarrier(up, 1, 2).plan.barriers).toEqual([]);
  });

  it('a soak is for the treatments until the control is ticked', () => {
    const soaked = addStage(plan);
    expect(itemAt(soaked.plan.stages, 0).arms).toEqual(['T', 'U']);
    expect(itemAt(toggleStageArm(soaked, 0, 'C').plan.stages, 0).arms).toEqual(['T', 'U', 'C']);
  });
});

describe('what is undone', () => {
  const lost = {
    ...plan,
    units: plan.units.map((unit, i) => (i === 0 ? { ...unit, status: 'lost' as const, statusReason: 'fell' } : unit)),
  };

  it('is the plan alone: a lost unit stays lost, the writer’s words stay', () => {
    const back = restorePlan(plan, write(setRole(lost, 'T', 'control'), { discussion: 'As typed.' }));
    expect(roles(back)).toEqual(['control', 'treatment', 'treatment']);
    expect(back.units[0]).toMatchObject({ status: 'lost', statusReason: 'fell' });
    expect(back.writing.discussion).toBe('As typed.');
  });

  it('not what was typed in the kit meanwhile, though a group goes again', () => {
    const feed = { ...emptySolution, name: 'feed', each: 50 };
    const typed = addArm(changeKit(plan, { solutions: [feed, { ...feed, name: 'salt', arms: ['T'] }] }));
    expect(restorePlan(plan, typed).plan.kit.solutions).toEqual(typed.plan.kit.solutions);
    const ofOne = changeKit(plan, { solutions: [{ ...feed, arms: ['T'] }] });
    const back = restorePlan(ofOne, changeKit(removeArm(ofOne, 'T'), { solutions: [{ ...feed, name: 'dye' }] }));
    expect(back.plan.kit.solutions.map(({ name, arms }) => [name, arms])).toEqual([
      ['dye', []],
      ['feed', ['T']],
    ]);
  });

  it('never the start', () => {
    const started = startOn(plan, '2026-04-20', '2026-04-19');
    const back = restorePlan(plan, started);
    expect([back.startedOn, back.plan.lockedOn]).toEqual(['2026-04-20', '2026-04-19']);
  });
});

describe('day 0', () => {
  const batches = {
    ...plan,
    startedOn: '2026-04-01',
    units: plan.units.map((unit, i) => ({ ...unit, startedOn: i < 3 ? null : '2026-04-08' })),
  };
  const starts = (experiment: typeof plan) => experiment.units.map(({ startedOn }) => startedOn);

  it('takes along the batches that start later', () => {
    expect(starts(startOn(batches, '2026-04-20', '2026-04-19'))).toEqual([null, null, null, '2026-04-27', '2026-04-27', '2026-04-27']);
    expect(starts(moveStart(batches, '2026-03-30'))).toEqual([null, null, null, '2026-04-06', '2026-04-06', '2026-04-06']);
    expect(moveStart(batches, '2026-04-01')).toEqual(batches);
    expect(starts(moveStart({ ...batches, startedOn: null }, '2026-05-01'))).toEqual(starts(batches));
  });
});

describe('a measure that others are worked out from', () => {
  const worked = {
    ...plan,
    measures: [
      aMeasure({ code: 'wide', unit: 'cm' }),
      aMeasure({ code: 'tall', unit: 'cm', primary: false }),
      aMeasure({ code: 'area', unit: 'cm²', kind: 'derived' as const, derived: 'wide*tall', primary: false }),
    ],
  };
  const codes = (experiment: typeof plan) => experiment.measures.map(({ code: measure }) => measure);

  it('takes them along when it is taken away', () => {
    expect(codes(removeMeasure(worked, 'tall'))).toEqual(['wide']);
    expect(codes(removeMeasure(worked, 'area'))).toEqual(['wide', 'tall']);
  });

  it('gives them its new unit when it becomes another kind', () => {
    expect(itemAt(changeMeasure(worked, 'tall', { unit: 'g' }).measures, 2).unit).not.toBe('cm²');
    expect(itemAt(changeMeasure(worked, 'tall', { unit: 'mm' }).measures, 2).unit).toBe('cm²');
  });
});
