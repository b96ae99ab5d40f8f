import type { VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Component } from 'vue';
import {
  stageFields,
  addDays,
  anySprouting,
  blankOf,
  changePlan,
  experimentFrom,
  longDate,
  observationFields,
  redesign,
  type Experiment,
  type Observation,
  tupleOf,
  itemAt,
} from '@fern/core';
import { useDocument } from '../stores/document';
import { eventually, fakeServer, mountLoaded, startedStudy } from '../testing';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';
import AmendBar from './AmendBar.vue';
import ArmsEditor from './ArmsEditor.vue';
import BenchSettings from './BenchSettings.vue';
import DifferencesEditor from './DifferencesEditor.vue';
import KeptEditor from './KeptEditor.vue';
import MeasuresEditor from './MeasuresEditor.vue';
import SharingEditor from './SharingEditor.vue';
import StagesEditor from './StagesEditor.vue';
import StartButton from './StartButton.vue';
import UnitsEditor from './UnitsEditor.vue';

const aReading = (more: Partial<Observation>): Observation => ({ ...blankOf(observationFields), ...more });
let page: VueWrapper;
const draft = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 });
const now = () => useDocument().experiment as Experiment;

async function edit(part: Component, experiment: Experiment = draft): Promise<void> {
  fakeServer({ experiment, observations: [], incidents: [], care: [], photos: [] });
  page = await mountLoaded(part);
}
const field = (label: string) => page.find(`[aria-label="${label}"]`);
const button = (words: string) => page.findAll('button').find((own) => own.text() === words);

beforeEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
});

describe('the groups', () => {
  it('are renamed, added and taken away, each with its units', async () => {
    await edit(ArmsEditor);
    const [, treatment] = tupleOf(draft.arms, 2);
    await field(`Name of group ${treatment.code}`).setValue('rain water');
    expect(itemAt(now().arms, 1).name).toBe('rain water');
    await button('Add a group')?.trigger('click');
    expect(now().arms).toHaveLength(3);
    expect(now().units).toHaveLength(18);
    await field(`Remove group ${itemAt(now().arms, 2).name}`).trigger('click');
    expect(now().arms).toHaveLength(2);
  });

  it('have one control: another role hands it on', async () => {
    await edit(ArmsEditor);
    const [control, treatment] = tupleOf(draft.arms, 2);
    await field(`Role of group ${treatment.code}`).setValue('control');
    expect(now().arms.map(({ code: arm, role }) => [arm, role])).toEqual([
      [control.code, 'treatment'],
      [treatment.code, 'control'],
    ]);
  });

  it('of a started plan are shown and cannot be touched', async () => {
    await edit(ArmsEditor, startedStudy().experiment);
    expect(button('Add a group')).toBeUndefined();
    expect(field(`Name of group ${itemAt(draft.arms, 1).code}`).attributes('disabled')).toBeDefined();
    expect(field(`Role of group ${itemAt(draft.arms, 1).code}`).exists()).toBe(false);
  });
});

describe('what is kept the same', () => {
  it('is a list of lines, each with how', async () => {
    await edit(KeptEditor);
    const before = draft.plan.kept.length;
    await button('Add a condition')?.trigger('click');
    await field(`Condition ${before + 1}`).setValue('light');
    await field(`How condition ${before + 1} is kept the same`).setValue('one lamp for all');
    expect(now().plan.kept[before]).toEqual({ what: 'light', how: 'one lamp for all' });
    await field('Take away light').trigger('click');
    expect(now().plan.kept).toHaveLength(before);
  });
});

describe('what is done to them', () => {
  it('a step has a name, a kind, hours and arms', async () => {
    await edit(StagesEditor, { ...draft, plan: { ...draft.plan, stages: [] } });
    expect(page.text()).toContain('what one group goes through, the control should go through as well');
    await button('Add a step')?.trigger('click');
    await field('Step 1').setValue('overnight bath');
    await field('Kind of step 1').setValue('spray');
    await field('How long step 1 lasts').setValue('15-18 h');
    const control = itemAt(page.findAll('.arms input'), 0);
    await control.trigger('change');
    expect(now().plan.stages).toEqual([
      {
        ...blankOf(stageFields),
        name: 'overnight bath',
        kind: 'spray',
        hours: 15,
        hoursMost: 18,
        arms: [itemAt(draft.arms, 1).code, itemAt(draft.arms, 0).code],
      },
    ]);
    await field('Take away step overnight bath').trigger('click');
    expect(now().plan.stages).toEqual([]);
  });
});

describe('what is read', () => {
  it('one measure decides; another can, and none can be the last to go', async () => {
    await edit(MeasuresEditor);
    const [first, second] = tupleOf(draft.measures, 2);
    expect(page.findAll('[role="group"]').map((own) => own.attributes('aria-label'))).toEqual(draft.measures.map(({ name }) => name));
    await itemAt(page.findAll('input[type="radio"]'), 1).trigger('change');
    expect(
      now()
        .measures.filter(({ primary }) => primary)
        .map(({ code: measure }) => measure),
    ).toEqual([second.code]);
    await field(`Take away ${second.name}`).trigger('click');
    expect(now().measures.map(({ code: measure, primary }) => [measure, primary])).toEqual([[first.code, true]]);
    expect(field(`Take away ${first.name}`).exists()).toBe(false);
  });

  it('of another kind has what that kind starts with', async () => {
    await edit(MeasuresEditor);
    await field(`Kind of ${itemAt(draft.measures, 0).name}`).setValue('harvest');
    expect(now().measures[0]).toMatchObject({ kind: 'harvest', when: 'total' });
  });
});

describe('the units', () => {
  it('their number lays them out anew; a number that does not fit is refused in words', async () => {
    await edit(UnitsEditor);
    const number = field('Units per group');
    await number.setValue('4');
    await number.trigger('change');
    expect(now().units).toHaveLength(8);
    await number.setValue('900');
    await number.trigger('change');
    expect(page.text()).toContain('400 units in all is the most.');
    expect(now().units).toHaveLength(8);
  });

  it('the word for one, what is put in and where they stand are the person’s', async () => {
    await edit(UnitsEditor);
    await field('What one unit is called').setValue('towel');
    await field('What one unit is called').trigger('blur');
    await field('What is put in').setValue('beans');
    await field('What is put in').trigger('blur');
    await field('Where they stand').setValue('refrigerator');
    expect(now().plan).toMatchObject({ unitNoun: 'towel', propagule: 'beans', place: 'refrigerator' });
  });

  it('texts follow the plant when the field is left, and stay where they were typed', async () => {
    await edit(UnitsEditor, { ...changePlan(draft, { unworded: ['hypothesis'] }), nullHypothesis: 'Nothing will come of it for radish.' });
    await field('Plant').setValue('mustard');
    expect(now().hypothesis).toContain('radish');
    await field('Plant').trigger('blur');
    expect(now().hypothesis).toContain('mustard');
    expect(now().nullHypothesis).toBe('Nothing will come of it for radish.');
  });

  it('arms may be of unequal size, and seeds set one by one', async () => {
    await edit(ArmsEditor);
    await field('Dishes of group X').setValue('4');
    expect(now().units.filter(({ arm }) => arm === 'X')).toHaveLength(4);
    expect(now().units).toHaveLength(10);
    page.unmount();
    await edit(UnitsEditor, now());
    expect(field('Units per group').attributes('placeholder')).toBe('differ');
    await button('not as many in each?')?.trigger('click');
    const first = itemAt(now().units, 0);
    await field(`Sown in ${first.code}`).setValue('23');
    expect(
      now()
        .units.map(({ sown }) => sown)
        .sort(),
    ).toEqual([23, ...new Array<number>(9).fill(25)]);
    expect(field('Sown in each unit').attributes('placeholder')).toBe('differ');
  });

  it('blocks have names of their own', async () => {
    await edit(UnitsEditor, redesign(draft, { layout: 'blocks', blocks: 2 }));
    await field('Name of block 2').setValue('north rack');
    await field('Name of block 2').trigger('blur');
    expect(new Set(now().units.map(({ block }) => block))).toEqual(new Set(['A', 'north rack']));
  });

  it('what they share is asked in the open: how, what, and how many', async () => {
    await edit(SharingEditor);
    expect(page.text()).toContain('What do these 12 dishes share?');
    await field('What units share').setValue('several');
    await field('What is shared').setValue('lamp');
    await field('What is shared').trigger('blur');
    await field('How many each group has').setValue('3');
    expect(new Set(now().units.map(({ container }) => container)).size).toBe(6);
    expect(itemAt(now().units, 0).container).toMatch(/^lamp [CX]\.1$/);
    await field('What units share').setValue('own');
    expect(now().units.every(({ container }) => container === null)).toBe(true);
  });

  it('what they share is still told once the plan is frozen', async () => {
    await edit(SharingEditor, startedStudy().experiment);
    expect(page.text()).toBe('What do these 12 dishes share?nothing: each dish has its own');
    expect(field('What units share').exists()).toBe(false);
  });

  it('places that cannot be shuffled put each group on its own side', async () => {
    await edit(BenchSettings);
    await field('Kind of shelf 1').setValue('bed');
    await field('Light of shelf 1').setValue('outdoors');
    await button('Put each group on its own side')?.trigger('click');
    expect(now().plan).toMatchObject({ fixedPlaces: true, bench: [{ kind: 'bed', light: 'outdoors' }] });
    expect(page.text()).toContain('each group has its own side');
  });

  it('days and moments are typed as people write them, and what is none changes nothing', async () => {
    await edit(MeasuresEditor);
    const days = field(`Reading days of ${itemAt(draft.measures, 0).name}`);
    await days.setValue('10min, 8h 3');
    expect(itemAt(now().measures, 0).readingDays).toEqual([10 / 1440, 8 / 24, 3]);
    await days.setValue('3 five');
    expect(page.text()).toContain('“five” is not a day');
    expect(itemAt(now().measures, 0).readingDays).toEqual([10 / 1440, 8 / 24, 3]);
  });

  it('a count may be made by category, and one of them counts', async () => {
    await edit(MeasuresEditor);
    const { name } = itemAt(draft.measures, 0);
    await field(`Categories of ${name}`).setValue('normal, just starting, mouldy');
    await field(`Categories of ${name}`).trigger('blur');
    expect(now().measures[0]).toMatchObject({ categories: ['normal', 'just-starting', 'mouldy'], category: 'normal' });
    await field(`Category of ${name} that counts`).setValue('mouldy');
    expect(itemAt(now().measures, 0).category).toBe('mouldy');
  });

  it('what else differs is said a line each, and blind reading is a switch', async () => {
    await edit(DifferencesEditor);
    await page.find('textarea').setValue('three litres against four\none pot is cracked');
    expect(now().plan.differences).toEqual(['three litres against four', 'one pot is cracked']);
    page.unmount();
    await edit(MeasuresEditor);
    await page.find('.blind input').trigger('change');
    expect(now().blinded).toBe(true);
  });

  it('a step has days', async () => {
    await edit(StagesEditor, { ...draft, plan: { ...draft.plan, stages: [] } });
    await button('Add a step')?.trigger('click');
    await field('Days of step 1').setValue('14 28');
    expect(itemAt(now().plan.stages, 0).days).toEqual([14, 28]);
  });
});

describe('the start', () => {
  it('of a day to come is asked about', async () => {
    await edit(StartButton);
    await button('Start the experiment')?.trigger('click');
    const dialog = () => document.body.textContent ?? '';
    await eventually(() => expect(dialog()).toContain('Start and freeze the plan'));
    const day = document.querySelector<HTMLInputElement>('[aria-label="Day 0"]');
    if (day === null) throw new Error('no day is asked for');
    day.value = addDays(today(), 5);
    day.dispatchEvent(new Event('input'));
    await eventually(() => expect(dialog()).toContain('5 days from now'));
    expect(dialog()).toContain(`Yes, it starts on ${longDate(addDays(today(), 5))}`);
  });

  it('is mended by an amendment that lists the old day and the new, and never to after a reading', async () => {
    const started = startedStudy();
    const unit = itemAt(started.experiment.units, 0);
    const seen = aReading({ id: 'r', unit: unit.code, measure: 'sprouts', observedOn: today(), value: 3 });
    fakeServer({ ...started, observations: [seen] });
    page = await mountLoaded(AmendBar);
    useHistory().beginAmendment();
    await page.vm.$nextTick();
    await field('Day 0').setValue(addDays(today(), 1));
    expect(page.text()).toContain('day 0 cannot be later');
    const before = started.experiment.startedOn ?? '';
    await field('Day 0').setValue(addDays(before, -2));
    await field('What you change').setValue('the start');
    await field('Why you change it').setValue('sown on Friday, not on Sunday');
    await button('Save the amendment')?.trigger('click');
    await eventually(() => expect(now().plan.amendments).toHaveLength(1));
    expect(itemAt(now().plan.amendments, 0).changes).toEqual([{ what: 'day 0', before, after: addDays(before, -2) }]);
    await eventually(() => expect(page.text()).toContain(`day 0: “${before}” became “${addDays(before, -2)}”`));
  });
});
