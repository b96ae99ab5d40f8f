import { expect, type Page } from '@playwright/test';
import type { SessionState } from '@fern/contract';
import { here, portOf } from './ports';

export const PLAIN = `http://127.0.0.1:${portOf('plain', here())}`;
const SCHOOL = 'Fennick Hollow School';

/** Enters the demo by its one-click entry, as a person does. */
export async function enterByDoor(page: Page, account = SCHOOL): Promise<void> {
  await page.goto('/door');
  await page.getByRole('button', { name: `Enter as ${account}` }).click();
  await expect(page.getByRole('navigation', { name: 'Everywhere' })).toBeVisible();
}

/** Signs in to the demo without opening a page. */
export async function signIn(page: Page, account = SCHOOL): Promise<void> {
  const { demo } = (await (await page.request.get('/api/session')).json()) as SessionState;
  const id = demo.find(({ name }) => name === account)?.id;
  const answer = await page.request.post('/api/session/demo', { data: { account: id }, headers: { 'x-fern-test': '2' } });
  expect(answer.status()).toBe(200);
}

/** Stands on Today of the demo. */
export async function enterDemo(page: Page, account = SCHOOL): Promise<void> {
  await signIn(page, account);
  await page.goto('/');
  await expect(page.getByRole('navigation', { name: 'Everywhere' })).toBeVisible();
}

/** Opens an experiment of the demo at a step. */
export async function openStep(page: Page, title: string, step: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('link', { name: title, exact: true }).click();
  await page
    .getByRole('navigation', { name: 'The six steps' })
    .getByRole('link', { name: new RegExp(`^${step}`) })
    .click();
}
