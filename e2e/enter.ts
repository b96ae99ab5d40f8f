import { expect, type Page } from '@playwright/test';
import { here, portOf } from './ports';

export const PLAIN = `http://127.0.0.1:${portOf('plain', here())}`;

/** Enters the demo by its one-click entry. */
export async function enterDemo(page: Page, account = 'Fennick Hollow School'): Promise<void> {
  await page.goto('/door');
  await page.getByRole('button', { name: `Enter as ${account}` }).click();
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
