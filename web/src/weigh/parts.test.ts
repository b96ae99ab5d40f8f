import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { analyse, shownMeasures, randomisationDemo, type Observation, itemAt } from '@fern/core';
import { startedStudy } from '../testing';
import BenchMap from './BenchMap.vue';
import LeaveOneOut from './LeaveOneOut.vue';
import RandomisationDemo from './RandomisationDemo.vue';
import VerdictLeaf from './VerdictLeaf.vue';

const { experiment } = startedStudy();
const measure = itemAt(experiment.measures, 0);
const observations = experiment.units.map(({ code: unit, arm }, i): Observation => ({
  ...{ id: unit, unit, plant: null, measure: measure.code, observedOn: experiment.startedOn ?? '', plannedDay: 3, moment: null },
  ...{
    value: arm === itemAt(experiment.arms, 0).code ? 12 + (i % 3) : 4 + (i % 3),
    absent: null,
    category: measure.category,
    observer: null,
  },
  ...{ blinded: false, source: 'hand', note: null, replaces: null },
}));
const study = { ...startedStudy(observations), experiment };
const shown = itemAt(shownMeasures(study, analyse(study)), 0);
const stubs = { ChartFigure: { props: ['picture'], template: '<h3>{{ picture.title }}</h3>' } };
const press = (page: ReturnType<typeof mount>, words: string) =>
  page
    .findAll('button')
    .find((button) => button.text() === words)
    ?.trigger('click');

describe('the same data another way', () => {
  it('the shuffle counts each deal, and begins again from none', async () => {
    const shuffle = randomisationDemo(shown);
    if (!shuffle) throw new Error('nothing to shuffle');
    const page = mount(RandomisationDemo, { props: { shuffle }, global: { stubs } });
    expect(page.get('h3').text()).toBe('Not shuffled yet');
    await press(page, 'Deal once');
    await press(page, 'Deal once');
    expect(page.get('h3').text()).toMatch(/^\d of 2 shuffles gave a difference at least as big/);
    expect(page.get('[role="status"]').text()).toBe('2 dealt');
    await press(page, 'Begin again');
    expect(page.get('h3').text()).toBe('Not shuffled yet');
  });

  it('a unit that is left out changes the picture, and comes back', async () => {
    const page = mount(LeaveOneOut, { props: { shown }, global: { stubs } });
    const first = itemAt(page.findAll('input[type="checkbox"]'), 0);
    const before = page.get('h3').text();
    await first.setValue(true);
    expect(page.get('h3').text()).toBe(`${measure.name} without ${itemAt(shown.result.values, 0).unit}: look at the means`);
    await first.setValue(false);
    expect(page.get('h3').text()).toBe(before);
  });

  it('the map says in words what the place did, and has its numbers as a table', () => {
    const page = mount(BenchMap, { props: { shown } });
    expect(page.get('h3').text()).toMatch(/end (came out about|of the bench did better)/);
    expect(page.findAll('tbody tr')).toHaveLength(experiment.units.length);
  });
});

it('each verdict has a mark of its own', () => {
  const codes = ['supported', 'small', 'opposite', 'no-difference-that-matters', 'cannot-tell', 'not-a-fair-test'] as const;
  const drawn = codes.map((code) => mount(VerdictLeaf, { props: { code } }).html());
  expect(new Set(drawn).size).toBe(codes.length);
});
