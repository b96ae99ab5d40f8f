import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { colours } from '@fern/paper/look';
import { breakpoints, tokensAsCss } from './tokens';

const root = join(import.meta.dirname, '..');
const styles = readdirSync(root, { recursive: true, encoding: 'utf8' })
  .filter((name) => /\.(vue|css)$/.test(name))
  .map((name) => [name, readFileSync(join(root, name), 'utf8')] as const);

describe('the tokens', () => {
  it('stand in CSS under the names that styles use', () => {
    const known = new Set([...tokensAsCss().matchAll(/(--[a-z-]+):/g)].map(([, name]) => name));
    expect(tokensAsCss()).toContain(`--sprout-wash: ${colours.sproutWash};`);
    for (const [name, text] of styles)
      for (const [, used] of text.matchAll(/var\((--[a-z-]+)\)/g))
        expect(known.has(used) || used === '--margin', `${name} uses ${used}`).toBe(true);
  });

  it('pages fold at three widths only', () => {
    const widths = new Set<number>(Object.values(breakpoints));
    for (const [name, text] of styles)
      for (const [, width] of text.matchAll(/max-width: (\d+)px\) \{/g))
        expect(widths.has(Number(width)), `${name} folds at ${width}`).toBe(true);
  });
});
