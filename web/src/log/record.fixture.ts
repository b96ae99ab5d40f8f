import type { VueWrapper } from '@vue/test-utils';
import { blankOf, observationFields, type Measure, type Observation, type Study, itemAt } from '@fern/core';
import { today } from '../stores/today';
import { fakeServer, type FakeServer, mountLoaded, startedStudy } from '../testing';
import RecordPage from './RecordPage.vue';

export let server: FakeServer;
export let page: VueWrapper;

/** Sprouts of D01, as they were read today; give what differs. */
export const reading = (more: Partial<Observation>): Observation => ({
  ...blankOf(observationFields),
  id: 'old',
  unit: 'D01',
  measure: 'sprouts',
  observedOn: today(),
  value: 4,
  ...more,
});
export const posted = () => server.calls.filter(({ path }) => path.endsWith('/observations')).flatMap(({ body }) => body.observations);

/** The walk of day 3, or another, through the study as the server has it. */
export async function recordThrough(study: Study, day = '3', path?: string): Promise<void> {
  server = fakeServer(study);
  await openRound(day, path);
}
/** The page opened (again) on what the server has. */
export async function openRound(day = '3', path?: string): Promise<void> {
  page = await mountLoaded(RecordPage, { props: { day } }, path);
  await page.vm.$nextTick();
}
export const round = (observations: readonly Observation[] = [], measures?: readonly Measure[]) =>
  recordThrough(startedStudy(observations, measures ? { measures } : {}));
export function leave(): void {
  page?.unmount();
  document.body.innerHTML = '';
}
export const where = () => page.find('[data-testid="unit"]').text();
export const field = () => page.find<HTMLInputElement>('.entry input');
export const press = async (key: string) => {
  await (field().exists() ? field() : page.find('.reading')).trigger('keydown', { key });
  await page.vm.$nextTick();
};
export const typeReading = async (value: string) => {
  await field().setValue(value);
  await press('Enter');
};
export const choose = (step: number) => itemAt(page.findAll('.choices button'), step);
