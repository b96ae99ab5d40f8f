import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { Problem } from './Problem';
import type { PackageFiles } from './readPackage';

const MOST_BYTES = 100 * 1024 * 1024;

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
  let size = 0;
  let entries: Record<string, Uint8Array>;
  try {
    entries = unzipSync(bytes, {
      filter: (file) => {
        const wanted = /(^|\/)(datapackage\.json|[^/]+\.csv)$/.test(file.name);
        if (wanted) size += file.originalSize;
        return wanted && size <= MOST_BYTES;
      },
    });
  } catch {
    return fail('is not a .zip file that can be opened; expected a .zip that holds datapackage.json');
  }
  if (size > MOST_BYTES) return fail('unpacks to more than 100 MB; expected a smaller package');
  const descriptor = Object.keys(entries)
    .filter((path) => /(^|\/)datapackage\.json$/.test(path))
    .sort((a, b) => a.length - b.length)[0];
  if (descriptor === undefined) return fail('holds no datapackage.json; expected one');
  const folder = descriptor.slice(0, -'datapackage.json'.length);
  const inside = Object.entries(entries).filter(([path]) => path.startsWith(folder));
  return { files: Object.fromEntries(inside.map(([path, data]) => [path.slice(folder.length), strFromU8(data)])) };
}
