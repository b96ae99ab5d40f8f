import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';

const root = join(import.meta.dirname, '..');
const folders = ['core/src', 'contract/src', 'paper/src', 'demo/src', 'server/src', 'web/src', 'web/pageFiles', 'perf'];
const filesIn = (folder: string) =>
  readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' }).map((path) => join(root, folder, path));
// A test may call what it prepares as it likes.
const sources = folders.flatMap(filesIn).filter((path) => /(?<!\.test|\.d)\.ts$/.test(path));

/** Names that a file declares and exports. What it hands on from another file is that file's. */
function exportedNames(path: string): string[] {
  const { statements } = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest);
  const isExported = (node: ts.Statement) =>
    ts.canHaveModifiers(node) && ts.getModifiers(node)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
  return statements.filter(isExported).flatMap((node) => {
    if (ts.isVariableStatement(node))
      return node.declarationList.declarations.flatMap(({ name }) => (ts.isIdentifier(name) ? [name.text] : []));
    const { name } = node as ts.Statement & { readonly name?: ts.Node };
    return name && ts.isIdentifier(name) ? [name.text] : [];
  });
}

it('one name has one meaning: no two files export the same', () => {
  const files = new Map<string, string[]>();
  for (const path of sources)
    for (const name of exportedNames(path)) files.set(name, [...(files.get(name) ?? []), path.slice(root.length + 1)]);
  expect(files.size).toBeGreaterThan(1000);
  expect([...files].filter(([, paths]) => new Set(paths).size > 1)).toEqual([]);
});

it('no component has the name of another', () => {
  const names = filesIn('web/src')
    .filter((path) => path.endsWith('.vue'))
    .map((path) => basename(path));
  expect(names.length).toBeGreaterThan(100);
  expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
});
