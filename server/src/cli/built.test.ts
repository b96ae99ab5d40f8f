import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

/** Packages that a built file, and those which it imports, have to look for. */
function lookedFor(file: string, seen = new Set<string>()): string[] {
  if (seen.has(file)) return [];
  seen.add(file);
  const imported = [...readFileSync(file, 'utf8').matchAll(/^import (?:.* from )?"([^"]+)";$/gm)].map(([, from]) => from ?? '');
  return imported.flatMap((from) => {
    if (from.startsWith('.')) return lookedFor(join(dirname(file), from), seen);
    return from.startsWith('node:') || from === 'module' ? [] : [from];
  });
}

it('the command line starts at once: all that it computes with is in files of its own', () => {
  const file = fileURLToPath(new URL('fern.js', process.env.FERN_BUILT));
  expect(readFileSync(file, 'utf8')).toContain('parseArgs');
  expect(lookedFor(file)).toEqual([]);
});
