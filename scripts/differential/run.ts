import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { analyse, writePackage } from '@fern/core';
import { disagreements } from './disagreements';
import { figuresOf, type Figures } from './figures';
import { packages } from './packages';

/**
 * Held against R: makes packages, has R recalculate them from their tables, and lists each figure on which the two differ.
 * npm run differential [-- COUNT [STORE]]: STORE keeps twenty of them for the tests, which need no R.
 */
const [count = '350', store] = process.argv.slice(2);
const folder = mkdtempSync(join(tmpdir(), 'fern-differential-'));
const made = packages(Number(count)).map(({ name, study }) => {
  const files = writePackage(study);
  mkdirSync(join(folder, name));
  for (const [file, text] of Object.entries(files)) writeFileSync(join(folder, name, file), text);
  return { name, own: figuresOf(analyse(study)) };
});
const answers = `${folder}.json`;
execFileSync('Rscript', [join(import.meta.dirname, 'reference.R'), folder, answers], { stdio: 'inherit' });
const theirs = JSON.parse(readFileSync(answers, 'utf8')) as Record<string, Figures>;

let figures = 0;
let differing = 0;
for (const { name, own } of made) {
  const found = disagreements(own, theirs[name]);
  figures += Object.keys(theirs[name]).length;
  differing += found.length;
  for (const line of found) console.log(`${name}: ${line}`);
}
if (store) {
  // Every seventeenth meets every kind, design and trouble.
  const kept = made.filter((_, i) => i % 17 === 0).slice(0, 20);
  const lines = kept.map(({ name }) => `${JSON.stringify(name)}: ${JSON.stringify(theirs[name])}`);
  writeFileSync(join(import.meta.dirname, 'stored.json'), `{\n${lines.join(',\n')}\n}\n`);
}
console.log(`${made.length} packages, ${figures} figures of R, ${differing} on which the two differ.`);
