import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { shortcuts } from './shortcuts';

const root = join(import.meta.dirname, '..');

it('every key that a button shows stands in the list of keys', () => {
  const listed = new Set(shortcuts.flatMap(([names]) => names.split(/ · | then | or |, | /)));
  const shown = readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.vue'))
    .flatMap((name) => [...readFileSync(join(root, name), 'utf8').matchAll(/<kbd>([^<{]+)<\/kbd>/g)].map(([, key]) => key));
  expect(shown.length).toBeGreaterThan(10);
  for (const key of shown) expect(listed, key).toContain(key);
});
