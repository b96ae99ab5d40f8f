import type { VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import {
  addDays,
  blankOf,
  measureFields,
  setSowing,
  setTiming,
  stageFields,
  type Care,
  type Experiment,
  type Stage,
  itemAt,
} from '@fern/core';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import { eventually, fakeServer, mountLoaded, startedStudy, type FakeServer } from '../testing';
import KitPage from './KitPage.vue';
import PreparePage from './PreparePage.vue';
import SetUpPage from './SetUpPage.vue';
import ExperimentCalculators from './ExperimentCalculators.vue';

const stage = (name: string, more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), name, kind: 'soak', ...more });
let server: FakeServer;
let page: VueWrapper;

/** A draft, or a plan that was frozen, with its steps before the sowing in so many days. */
async function open(stages: readonly Stage[], inDays: number, frozen: boolean, part: object = PreparePage): Promise<void> {
  const study = startedStudy();
  const base: Experiment = { ...study.experiment, startedOn: addDays(today(), inDays) };
  const experiment = setTiming(
    setSowing({ ...base, plan: { ...base.plan, stages, lockedOn: frozen ? today() : null } }, addDays(today(), inDays), '10:00'),
    { zone: 'UTC' },
  );
  server = fakeServer({ ...study, experiment });
  page = await mountLoaded(part);
}
const now = () => {
  const { experiment } = useDocument();
  if (experiment === null) throw new Error('none open');
  return experiment;
};
const press = (words: string) =>
  page
    .findAll('button')
    .find((button) => button.text() === words)
    ?.trigger('click');
const care = () => useLog().study?.care ?? [];

beforeEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
});

describe('Prepare', () => {
  it('says on the day what seed lies in, for how long, and what to take care of; nothing says that nothing is due', async () => {
    await open([stage('a day in vinegar', { hours: 24, arms: ['X'], hazards: ['chemical'] })], 1, true);
    expect(page.get('h1').text()).toMatch(/^a day in vinegar at 10:00, today$/);
    expect(page.get('ol').text()).toContain('24 h');
    expect(page.text()).toContain('goggles');
    expect(page.text()).toContain('School safety rules');
  });

  it('a step that is begun runs to the second, and its end is written down as it was', async () => {
    await open([stage('a day in vinegar', { hours: 24, arms: ['X'] })], 1, true);
    await press('Begin now');
    await eventually(() => expect(page.find('[role="timer"]').exists()).toBe(true));
    expect(page.get('[role="timer"]').text()).toMatch(/^(1 d 00:00:00|23:59:5\d) left$/);
    expect(care()[0]).toMatchObject({
      step: 'a day in vinegar',
      arms: ['X'],
      ended: null,
      began: expect.stringMatching(/T\d\d:\d\d:\d\dZ$/) as string,
    });
    await press('End it now');
    await eventually(() => expect(page.find('[role="timer"]').exists()).toBe(false));
    const ended: Care | undefined = care().find(({ ended: moment }) => moment !== null);
    expect(ended?.replaces).toBe(itemAt(care(), 0).id);
    expect(page.get('h1').text()).toBe('Every step is done');
  });

  it('one begun in error is taken back, and is due again', async () => {
    await open([stage('a day in vinegar', { hours: 24, arms: ['X'] })], 1, true);
    await press('Begin now');
    await eventually(() => expect(page.find('[role="timer"]').exists()).toBe(true));
    await press('begun in error');
    await eventually(() => expect(page.findAll('button').some((button) => button.text() === 'Begin now')).toBe(true));
  });

  it('a wish that cannot be met is told with what could give, and one press gives it', async () => {
    await open([stage('soak', { hours: 18, arms: ['X'] })], 10, false);
    const { startedOn } = now();
    const everyOther = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '09:00', to: '15:00' }));
    useDocument().change((plan) => setTiming(plan, { presence: everyOther, at: '14:00' }));
    await page.vm.$nextTick();
    expect(page.get('[role="alert"]').text()).toMatch(/“soak” of X would begin on .*, 20:00, when nobody is there/);
    const give = page.findAll('.gives button').map((button) => button.text());
    expect(give).toContain(`Let “soak” last up to 23 h`);
    await press('Let “soak” last up to 23 h');
    expect(itemAt(now().plan.stages, 0).hoursMost).toBe(23);
    expect(now().startedOn).toBe(startedOn);
    expect(page.find('.unmet').exists()).toBe(false);
  });

  it('a step is moved by keyboard, and the sowing goes with it', async () => {
    await open([stage('cold', { kind: 'cold', hours: 720 })], 40, false);
    const before = now().startedOn ?? '';
    await page.get('[aria-label^="cold, group C"]').trigger('keydown', { key: 'ArrowRight' });
    expect(now().startedOn).toBe(addDays(before, 1));
    await page.get('[aria-label^="cold, group C"]').trigger('keydown', { key: 'ArrowLeft' });
    expect(now().startedOn).toBe(before);
  });

  it('the end of term gives the day of sowing; one too near is told', async () => {
    await open([stage('soak', { hours: 18 })], 10, false);
    await page.get('select[aria-label="What is given"]').setValue('end of term');
    await page.get('input[aria-label="Its day"]').setValue(addDays(today(), 60));
    await press('Work the day out');
    expect(now().startedOn).toBe(addDays(today(), 50));
    await page.get('input[aria-label="Its day"]').setValue(addDays(today(), 5));
    await press('Work the day out');
    expect(page.text()).toContain('there is no day for the sowing');
    expect(now().startedOn).toBe(addDays(today(), 50));
  });
});

describe('the kit', () => {
  it('is worked out live, ticks stay, and a line of one’s own is added', async () => {
    await open([], 3, false, KitPage);
    const row = () => page.get('section[aria-label="What is put in"] li').text();
    expect(row()).toContain('330');
    await page.get('section[aria-label="What is put in"] input').setValue(true);
    await page.get('input[aria-label="To spare, per cent"]').setValue('20');
    expect(row()).toContain('360');
    expect(now().plan.kit.ticked).toEqual(['put in']);
    await page.get('input[aria-label="A thing of your own"]').setValue('a ball of string');
    await page.get('form').trigger('submit');
    expect(page.get('section[aria-label="And besides"]').text()).toContain('a ball of string');
    expect(server.calls.length).toBeGreaterThan(0);
  });
});

describe('putting out', () => {
  it('ticks one after another, by tap or by the bench, and says when all stand', async () => {
    await open([], 3, false, SetUpPage);
    expect(page.get('h1').text()).toBe('12 of 12 dishes to put out');
    await press('It stands');
    await eventually(() => expect(page.get('h1').text()).toBe('11 of 12 dishes to put out'));
    for (const box of page.findAll('ol input:not([disabled])')) await box.trigger('change');
    await eventually(() => expect(page.get('h1').text()).toBe('All 12 dishes stand'));
    expect(new Set(care().flatMap(({ units }) => units)).size).toBe(12);
  });
});

describe('a calculator beside a running experiment', () => {
  it('gives its result to the log as a reading, once it is said of which one', async () => {
    const study = startedStudy();
    const volume = { ...blankOf(measureFields), code: 'head', name: 'Head volume', unit: 'cm³', readingDays: [3] };
    server = fakeServer({ ...study, experiment: { ...study.experiment, measures: [...study.experiment.measures, volume] } });
    page = await mountLoaded(ExperimentCalculators, {}, '/reckon/head-volume');
    await press('Head volume: 188.5 cm³');
    await page.vm.$nextTick();
    expect(page.get('[role="alert"]').text()).toContain('Choose the dish that was measured');
    await page.get('select[aria-label="Of which one it is the reading"]').setValue('D03');
    await press('Head volume: 188.5 cm³');
    await eventually(() => expect(useLog().study?.observations).toHaveLength(1));
    expect(useLog().study?.observations[0]).toMatchObject({
      unit: 'D03',
      measure: 'head',
      value: 188.5,
      plannedDay: 3,
      observedOn: today(),
    });
    expect(page.text()).toContain('D03: Head volume: 188.5 cm³. It stands in the log.');
  });

  it('says which line of one’s own the plan contradicts, and puts a line of the plan back', async () => {
    await open([], 3, false);
    const steps = ['Lay {sown} {putIn} in each {unit}.', 'Close the lids.'];
    const filled = useHistory();
    filled.edit((one) => {
      const templates = { question: one.question, endRule: '', steps, commonMistakes: [], notTested: [], kept: [] };
      return { ...one, plan: { ...one.plan, templates, steps: ['Lay 999 seeds in each dish.', 'Close the lids.'] } };
    });
    await eventually(() => expect(page.text()).toContain('1 line in your own words: it stays as written when the plan changes.'));
    expect(page.text()).toMatch(/“Lay 999 seeds in each dish.” says “999 seeds”; the plan has \d+ in a \w+, \d+ in all\./);
    await press('Put back');
    expect(now().plan.steps.map((step) => step.slice(0, 5))).toEqual(['Lay 2', 'Lay 9', 'Close']);
  });

  it('puts what comes out into the kit and among what is kept the same', async () => {
    await open([], 3, false, ExperimentCalculators);
    await press('Put it into the kit');
    await press('Keep it the same for all');
    expect(now().plan.materials.at(-1)).toBe('Parts of a mix, weighed: Part 1 480 g, Part 2 160 g');
    expect(now().plan.kept.at(-1)).toEqual({ what: 'Parts of a mix, weighed', how: 'Part 1 480 g, Part 2 160 g' });
  });
});
