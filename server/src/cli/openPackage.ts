import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { missingPictures, photoPath, readPackage, unzipPackage, type PackageFiles, type ReadResult } from '@fern/core';

/** Reads a package from a folder that holds datapackage.json, from that file itself, or from a .zip. Nothing throws: what is wrong is a problem with its place. */
export function openPackage(path: string): ReadResult {
  const problem = (message: string): ReadResult => ({ problems: [{ file: basename(path) || path, row: null, column: null, message }] });
  if (!existsSync(path)) return problem('there is no such file or folder; expected a folder, datapackage.json or a .zip');
  if (statSync(path).isDirectory()) return readFolder(path);
  if (basename(path) === 'datapackage.json') return readFolder(dirname(path));
  if (!path.endsWith('.zip')) return problem('is neither a folder, nor datapackage.json, nor a .zip');
  const unzipped = unzipPackage(readFileSync(path), basename(path));
  return 'problems' in unzipped ? unzipped : withPictures(readPackage(unzipped.files), (file) => unzipped.pictures.has(file));
}

function readFolder(folder: string): ReadResult {
  return withPictures(readPackage(filesIn(folder)), (file) => existsSync(join(folder, photoPath(file))));
}

/** Each photo that is told of must be there. */
function withPictures(read: ReadResult, there: (file: string) => boolean): ReadResult {
  if ('problems' in read) return read;
  const problems = missingPictures(read.study, there);
  return problems.length > 0 ? { problems } : read;
}

function filesIn(folder: string): PackageFiles {
  const names = readdirSync(folder).filter((name) => name === 'datapackage.json' || name.endsWith('.csv'));
  return Object.fromEntries(names.map((name) => [name, readFileSync(join(folder, name), 'utf8')]));
}
