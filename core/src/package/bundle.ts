import { zipSync } from 'fflate';
import { zipEntries, ZipError } from './zipEntries';

/** What all packages of a bundle may come to, as they are packed. */
const MOST_BYTES = 256 * 1024 * 1024;

/**
 * Many packages in one .zip, each as a .zip of its own.
 * @param packages their titles, which name the files, and bytes; in order
 * @returns bytes of a .zip
 */
export function zipBundle(packages: readonly { readonly title: string; readonly bytes: Uint8Array }[]): Uint8Array {
  const named = packages.map(({ title, bytes }, i) => {
    const words = title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '');
    return [`${String(i + 1).padStart(3, '0')}-${words}.zip`, bytes] as const;
  });
  return zipSync(Object.fromEntries(named), { mtime: '1980-01-02T00:00:00Z', level: 0 });
}

/**
 * The packages of a bundle.
 * @param bytes of a .zip
 * @returns bytes of each package with its name; null where the file is no bundle, and may be a package
 */
export function packagesIn(bytes: Uint8Array): { readonly name: string; readonly bytes: Uint8Array }[] | null {
  try {
    const entries = zipEntries(bytes);
    const packed = entries.filter(({ name }) => name.endsWith('.zip'));
    if (packed.length === 0 || entries.some(({ name }) => name.endsWith('datapackage.json'))) return null;
    if (packed.reduce((sum, { size }) => sum + size, 0) > MOST_BYTES) return null;
    return packed.map(({ name, read }) => ({ name, bytes: read() }));
  } catch (error) {
    if (!(error instanceof ZipError)) throw error;
    return null;
  }
}
