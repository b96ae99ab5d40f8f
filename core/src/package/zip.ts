import { strToU8, zipSync, type Zippable } from 'fflate';
import { photoPath } from '../model';
import type { Problem } from './Problem';
import type { PackageFiles } from './readPackage';
import { zipEntries, ZipError, type ZipEntry } from './zipEntries';

/** What all files of a package may come to, unpacked. */
const MOST_BYTES = 100 * 1024 * 1024;
const WANTED = /(^|\/)(datapackage\.json|[^/]+\.csv|photos\/[\w-]+\.jpg)$/;
const PICTURE = /^photos\/([\w-]+\.jpg)$/;

/** The pictures of a package by the names of their files. */
export type Pictures = ReadonlyMap<string, Uint8Array>;

export interface Unzipped {
  readonly files: PackageFiles;
  readonly pictures: Pictures;
}

/**
 * Packs the files of a package into one .zip, with fixed times so that the same study gives the same bytes.
 * @param files name → text
 * @param pictures of its photos, which are packed as they are
 * @returns bytes of a .zip
 */
export function zipPackage(files: PackageFiles, pictures: Pictures = new Map()): Uint8Array {
  const texts = Object.entries(files).map(([name, text]) => [name, strToU8(text)] as const);
  const photos = [...pictures].map(([file, bytes]): [string, Zippable[string]] => [photoPath(file), [bytes, { level: 0 }]]);
  return zipSync(Object.fromEntries([...texts, ...photos]), { mtime: '1980-01-02T00:00:00Z', level: 6 });
}

/**
 * Unpacks a .zip; a folder inside that holds datapackage.json is taken as the package. Nothing throws.
 * @param bytes of the file
 * @param name of the file, for problems
 * @returns its texts and its pictures, or what is wrong with the file
 */
export function unzipPackage(bytes: Uint8Array, name = 'package.zip'): Unzipped | { readonly problems: readonly Problem[] } {
  const fail = (message: string) => ({ problems: [{ file: name, row: null, column: null, message }] });
  if (bytes.length === 0) return fail('the file is empty; expected a .zip that holds datapackage.json');
  try {
    const wanted = zipEntries(bytes).filter((entry) => WANTED.test(entry.name));
    if (wanted.reduce((sum, { size }) => sum + size, 0) > MOST_BYTES)
      return fail('unpacks to more than 100 MB; expected a smaller package');
    return filesOf(wanted) ?? fail('holds no datapackage.json; expected one');
  } catch (error) {
    if (!(error instanceof ZipError)) throw error;
    return fail(`is not a .zip file that can be opened: ${error.message}; expected a .zip that holds datapackage.json`);
  }
}

/** The files beside the descriptor, which may lie in a folder; null without one. */
function filesOf(entries: readonly ZipEntry[]): Unzipped | null {
  const [descriptor] = entries
    .map(({ name }) => name)
    .filter((path) => /(^|\/)datapackage\.json$/.test(path))
    .sort((a, b) => a.length - b.length);
  if (descriptor === undefined) return null;
  const folder = descriptor.slice(0, -'datapackage.json'.length);
  const inside = entries.filter(({ name }) => name.startsWith(folder)).map(({ name, read }) => ({ name: name.slice(folder.length), read }));
  const texts = inside.filter(({ name }) => !name.endsWith('.jpg'));
  return {
    files: Object.fromEntries(texts.map(({ name, read }) => [name, new TextDecoder().decode(read())])),
    pictures: new Map(
      inside.flatMap(
        ({ name, read }) =>
          PICTURE.exec(name)
            ?.slice(1)
            .map((file) => [file, read()] as const) ?? [],
      ),
    ),
  };
}
