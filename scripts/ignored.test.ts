import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { getFileInfo } from 'prettier';
import { expect, it } from 'vitest';

const root = join(import.meta.dirname, '..');
const parts = ['core', 'contract', 'paper', 'server', 'web', 'demo'].map((part) => join(root, part, 'src'));

const foldersOf = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => (entry.isDirectory() ? [join(folder, entry.name)] : []));

/** A file as it could be added to a folder of the core named after a word that rules for made files like. */
const files = [
  ...parts.flatMap(foldersOf).map((folder) => join(folder, 'anything.ts')),
  ...['data', 'words', 'check', 'dist-of-doses'].map((name) => join(root, 'core', 'src', name, 'anything.ts')),
].map((file) => relative(root, file));

it('no source file is kept out of the repository, or left unformatted', async () => {
  let ignored = '';
  try {
    ignored = execFileSync('git', ['check-ignore', '--no-index', ...files], { cwd: root, encoding: 'utf8' });
  } catch (error) {
    // 1: none of them is ignored.
    expect(error).toMatchObject({ status: 1 });
  }
  expect(ignored).toBe('');
  const ignorePath = join(root, '.prettierignore');
  const unformatted = await Promise.all(
    files.map(async (file) => ((await getFileInfo(join(root, file), { ignorePath })).ignored ? [file] : [])),
  );
  expect(unformatted.flat()).toEqual([]);
});
