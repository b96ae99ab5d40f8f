import { strToU8, zipSync } from 'fflate';
import type { Problem } from './Problem';
import type { PackageFiles } from './readPackage';
import { zipEntries, ZipError, type ZipEntry } from './zipEntries';

/** What all texts of a package may come to, unpacked. */
const MOST_BYTES = 100 * 1024 * 1024;
const WANTED = /(^|\/)(datapackage\.json|[^/]+\.csv)$/;

/**
 * Packs the files of a package into one .zip, with fixed times so that the same study gives the same bytes.
 * @param files name → text
 * @returns bytes of a .zip
 */
export function zipPackage(files: PackageFiles): Uint8Array {
  const entries = Object.entries(files).map(([name, text]) => [name, strToU8(text)] as const);
  return zipSync(Object.fromEntries(entries), { mtime: '1980-01-02T00:00:00Z', level: 6 });
}

/**
 * Unpacks a .zip; a folder inside that holds datapackage.json is taken as the package. Nothing throws.
 * @param bytes of the file
 * @param name of the file, for problems
 * @returns name → text, or what is wrong with the file
 */
export function unzipPackage(
  bytes: Uint8Array,
  name = 'package.zip',
): { readonly files: PackageFiles } | { readonly problems: readonly Problem[] } {
  const fail = (message: string) => ({ problems: [{ file: name, row: null, column: null, message }] });
  if (bytes.length === 0) return fail('the file is empty; expected a .zip that holds datapackage.json');
  try {
    const wanted = zipEntries(bytes).filter((entry) => WANTED.test(entry.name));
    if (wanted.reduce((sum, { size }) => sum + size, 0) > MOST_BYTES)
      return fail('unpacks to more than 100 MB; expected a smaller package');
    return textsOf(wanted) ?? fail('holds no datapackage.json; expected one');
  } catch (error) {
    if (!(error instanceof ZipError)) throw error;
    return fail(`is not a .zip file that can be opened: ${error.message}; expected a .zip that holds datapackage.json`);
  }
}

/** The texts beside the descriptor, which may lie in a folder; null without one. */
function textsOf(entries: readonly ZipEntry[]): { readonly files: PackageFiles } | null {
  const [descriptor] = entries
    .map(({ name }) => name)
    .filter((path) => /(^|\/)datapackage\.json$/.test(path))
    .sort((a, b) => a.length - b.length);
  if (descriptor === undefined) return null;
  const folder = descriptor.slice(0, -'datapackage.json'.length);
  const inside = entries.filter(({ name }) => name.startsWith(folder));
  return { files: Object.fromEntries(inside.map(({ name, read }) => [name.slice(folder.length), new TextDecoder().decode(read())])) };
}
