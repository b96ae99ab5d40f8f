import type { Page } from '@playwright/test';
import type { Study } from '@fern/core';
import { signIn } from './enter';

/** Another account of the demo, for copies that one test alone changes. */
export const OTHER = 'Moor Lane allotment';

/** Copies an experiment of the demo, with all that was logged, into the other account, and stays signed in there. */
export async function copyOf(page: Page, title: string) {
  await signIn(page);
  const list = (await (await page.request.get('/api/experiments')).json()) as { id: string; title: string }[];
  const own = list.find((line) => line.title.startsWith(title))?.id ?? '';
  const zip = await (await page.request.get(`/api/experiments/${own}/package`)).body();
  await signIn(page, OTHER);
  const headers = { 'x-fern-test': '2', 'content-type': 'application/zip' };
  const { id } = (await (await page.request.post('/api/packages', { data: zip, headers })).json()) as { id: string };
  const study = async () => (await (await page.request.get(`/api/experiments/${id}/study`)).json()) as Study;
  return { id, study };
}
