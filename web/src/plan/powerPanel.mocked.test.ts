import { afterEach, expect, it, vi } from 'vitest';
import type { VueWrapper } from '@vue/test-utils';
import { ref } from 'vue';
import { startedStudy, fakeServer, mountLoaded } from '../testing';
import PowerPanel from './PowerPanel.vue';

const point = (units: number, chance: number) => ({ units, chance, ci95: [chance, chance], runs: 400 });
vi.mock('../workers/useChances', () => ({
  useChances: () => ({
    points: ref([point(6, 0.6), point(9, 0.82)]),
    enough: ref(9),
    progress: ref(1),
    working: ref(false),
    failed: ref(false),
    work: () => Promise.resolve(),
    stop: () => undefined,
  }),
}));
vi.mock('../charts/lazyCanvas', () => ({ LazyCanvas: { template: '<i />' } }));

let page: VueWrapper;
afterEach(() => page.unmount());

async function panelOf(more: { readonly lockedOn?: null; readonly expectedSurvival?: number }): Promise<string> {
  const study = startedStudy();
  const experiment = { ...study.experiment, plan: { ...study.experiment.plan, ...more } };
  fakeServer({ ...study, experiment });
  page = await mountLoaded(PowerPanel);
  return page.find('[data-testid="power"]').text();
}

it('says how many would do before the start, with the losses that are expected', async () => {
  expect(await panelOf({ lockedOn: null })).toMatch(/about 6 times in 10\. 9 would see it 8 times in 10\./);
  page.unmount();
  expect(await panelOf({ lockedOn: null, expectedSurvival: 0.9 })).toMatch(
    /10 would see it 8 times in 10, with the losses that you expect\./,
  );
});

it('leaves that to the verdict once it has started', async () => {
  expect(await panelOf({})).toMatch(/about 6 times in 10\.$/);
});
