import { mount, type VueWrapper } from '@vue/test-utils';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ExperimentLine } from '@fern/contract';
import { addDays, blankOf, stageFields, stepsOnDays, roundsOfStudy, type Experiment, itemAt } from '@fern/core';
import { useSession } from '../stores/session';
import { today } from '../stores/today';
import { eventually, fakeServer, type FakeServer, startedStudy, testRouter } from '../testing';
import { initials } from './taskWords';
import TodayPage from './TodayPage.vue';

let server: FakeServer;
let page: VueWrapper;
const router = testRouter();
const experiment = (title: string, startedOn: string): Experiment => ({ ...startedStudy().experiment, title, startedOn });
const progress = (id: string, own: Experiment): ExperimentLine => ({
  ...{ id, title: own.title, unitWord: own.plan.unitNoun, startedOn: own.startedOn, measures: own.measures, place: own.plan.place },
  steps: stepsOnDays(own, [], today()).map(({ name, day, at, left }) => ({ name, day, at, left: left.length })),
  timers: [],
  walks: roundsOfStudy({ experiment: own, observations: [], incidents: [], care: [], photos: [] }, today()).map(
    ({ day, left, measures }) => ({
      day,
      left,
      measures: measures.map((measure) => own.measures.indexOf(measure)),
    }),
  ),
});

async function open(): Promise<void> {
  await useSession().load();
  page = mount(TodayPage, { attachTo: document.body, global: { plugins: [router] } });
  await eventually(() => expect(page.find('.ant-spin').exists()).toBe(false));
}
const list = (label: string) => page.findAll(`[aria-label="${label}"] li`).map((item) => item.text().replace(/\s+/g, ' '));

beforeEach(() => {
  page?.unmount();
  document.body.innerHTML = '';
  server = fakeServer(startedStudy());
});

describe('Today', () => {
  it('with no experiment says what will stand there, and where to begin', async () => {
    await open();
    expect(page.text()).toContain('No experiment yet');
    expect(page.findAll('button').map((button) => button.text())).toContain('Ask the first question');
  });

  it('lists what is due, with how long it takes', async () => {
    server.list = [progress('a', experiment('Old seed and new', addDays(today(), -3)))];
    await open();
    expect(page.text()).toMatch(/One walk, about \d+ minutes?\./);
    expect(list('Due today')).toHaveLength(1);
    expect(list('Due today')[0]).toContain('in 12 dishes');
    expect(list('Due today')[0]).toContain('Old seed and new');
  });

  it('what was missed has a place of its own, and can be done now', async () => {
    server.list = [progress('a', experiment('Old seed and new', addDays(today(), -4)))];
    await open();
    expect(list('Missed')[0]).toContain('was due');
    await page.find('[aria-label="Missed"] button').trigger('click');
    await eventually(() => expect(router.currentRoute.value).toMatchObject({ name: 'walk', params: { id: 'a', day: '3' } }));
  });

  it('steps with days stand among the walks, by where the plants are, with how long each takes', async () => {
    const own = experiment('Sage in the ground', addDays(today(), -9));
    const potted = { ...blankOf(stageFields), name: 'potted', arms: ['C', 'X'], days: [9, 2] };
    const outdoors: Experiment = { ...own, measures: [], plan: { ...own.plan, place: 'ground', stages: [potted] } };
    server.list = [progress('g', outdoors), progress('a', experiment('Old seed and new', addDays(today(), -3)))];
    await open();
    expect(page.text()).toMatch(/2 tasks, about \d+ minutes\./);
    expect(list('Due today')).toEqual([
      expect.stringContaining('Old seed and new'),
      expect.stringMatching(/Potted: 12 dishes ?Sage in the ground ?day 9 · 6 min/),
    ]);
    expect(list('Missed')[0]).toMatch(/Potted.*was due/);
    await itemAt(page.findAll('[aria-label="Due today"] button'), 1).trigger('click');
    await eventually(() =>
      expect(router.currentRoute.value).toMatchObject({ name: 'prepare', params: { id: 'g' }, query: { step: 'potted' } }),
    );
  });

  it('says that nothing is due, and never that plants are on their own', async () => {
    server.list = [progress('a', experiment('Old seed and new', addDays(today(), -1)))];
    await open();
    expect(page.text()).toContain('Nothing is due today.');
    expect(page.text()).not.toContain('on their own');
  });

  it('Enter starts the first walk', async () => {
    server.list = [progress('b', experiment('Old seed and new', addDays(today(), -3)))];
    await open();
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    await eventually(() => expect(router.currentRoute.value).toMatchObject({ name: 'walk', params: { id: 'b', day: '3' } }));
  });

  it('without network shows the list from last time, and says so', async () => {
    server.list = [progress('a', experiment('Old seed and new', addDays(today(), -3)))];
    await open();
    const good = globalThis.fetch;
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
      if (url.endsWith('/experiments')) throw new TypeError('no network');
      return good(url, init);
    });
    page.unmount();
    await open();
    await eventually(() => expect(page.text()).toContain('No network. This is the list from last time'));
    expect(list('Due today')).toHaveLength(1);
  });
});

it('two letters of a title stand for it', () => {
  expect(initials('Salt water and radish sprouting')).toBe('SW');
  expect(initials('Tea')).toBe('');
});
