import { existsSync, readdirSync, readFileSync, realpathSync, statSync } from 'node:fs';
import { basename, dirname, join, relative } from 'node:path';
import { latestAnywhere, missingPictures, photoPath, readPackage, unzipPackage, type PackageFiles, type ReadResult } from '@fern/core';

/** A package as it lies on the disk: what it holds, and what is wrong with its pictures, on which no number rests. */
export type OpenedPackage = ReadResult & {
  readonly missing: ReturnType<typeof missingPictures>;
  /** The picture of a photo by its name; null where the package has none. */
  readonly picture: (file: string) => Uint8Array | null;
};

const noPicture = () => null;

/** Reads a package from a folder that holds datapackage.json, from that file itself, or from a .zip. Nothing throws: what is wrong is a problem with its place. */
export function openPackage(path: string): OpenedPackage {
  const problem = (message: string): OpenedPackage => ({
    problems: [{ file: basename(path) || path, row: null, column: null, message }],
    missing: [],
    picture: noPicture,
  });
  if (!existsSync(path)) return problem('there is no such file or folder; expected a folder, datapackage.json or a .zip');
  if (statSync(path).isDirectory()) return openFolder(path);
  if (basename(path) === 'datapackage.json') return openFolder(dirname(path));
  if (!path.endsWith('.zip')) return problem('is neither a folder, nor datapackage.json, nor a .zip');
  const unzipped = unzipPackage(readFileSync(path), basename(path));
  return 'problems' in unzipped
    ? { ...unzipped, missing: [], picture: noPicture }
    : opened(unzipped.files, (file) => unzipped.pictures.get(file) ?? null);
}

function openFolder(folder: string): OpenedPackage {
  const names = readdirSync(folder).filter((name) => name === 'datapackage.json' || name.endsWith('.csv'));
  const files = Object.fromEntries(names.map((name) => [name, readFileSync(join(folder, name), 'utf8')]));
  const place = (file: string) => join(folder, photoPath(file));
  return opened(files, (file) => (existsSync(place(file)) ? new Uint8Array(readFileSync(place(file))) : null));
}

function opened(files: PackageFiles, picture: OpenedPackage['picture']): OpenedPackage {
  const read = readPackage(files, latestAnywhere(new Date()));
  return { ...read, missing: 'study' in read ? missingPictures(read.study, (file) => picture(file) !== null) : [], picture };
}

/** Whether a file that is there lies in the package's own folder, where writing it would change the package. */
export function isOfPackage(path: string, file: string): boolean {
  const folder = basename(path) === 'datapackage.json' ? dirname(path) : path;
  return existsSync(file) && statSync(folder).isDirectory() && !relative(realpathSync(folder), realpathSync(file)).startsWith('..');
}
