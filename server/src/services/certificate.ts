import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { generate } from 'selfsigned';

const YEARS = 10;
/** Browsers take no server's certificate that is good for longer. */
const SERVER_DAYS = 397;
const DAY_MS = 86_400_000;

export interface CertificateFiles {
  /** To be installed on each tablet once. */
  readonly root: string;
  readonly certificate: string;
  readonly key: string;
}

/** Where the certificate for the local network lies. */
export function certificateFiles(folder: string): CertificateFiles {
  return { root: join(folder, 'root.crt'), certificate: join(folder, 'server.crt'), key: join(folder, 'server.key') };
}

/**
 * Makes a certificate for this computer in the local network, signed by a root of its own. The root is kept: a tablet that trusts it trusts
 * the next certificate too.
 * @param names and addresses under which the server is called
 */
export async function makeCertificate(folder: string, names: ReadonlySet<string>, now: Date): Promise<CertificateFiles> {
  mkdirSync(folder, { recursive: true });
  const files = certificateFiles(folder);
  const rootKey = join(folder, 'root.key');
  if (!existsSync(files.root) || !existsSync(rootKey)) {
    const root = await generate([{ name: 'commonName', value: 'Fern Test on this computer' }], {
      ...{ keyType: 'ec', algorithm: 'sha256', notBeforeDate: now, notAfterDate: new Date(now.getTime() + YEARS * 365 * DAY_MS) },
      extensions: [
        { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
        { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
      ],
    });
    writeSecret(rootKey, root.private);
    writeFileSync(files.root, root.cert);
  }
  const [first] = names;
  const made = await generate([{ name: 'commonName', value: first }], {
    ...{ keyType: 'ec', algorithm: 'sha256', notBeforeDate: now, notAfterDate: new Date(now.getTime() + SERVER_DAYS * DAY_MS) },
    ca: { key: readFileSync(rootKey, 'utf8'), cert: readFileSync(files.root, 'utf8') },
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames: [...names].map((name) => (isIP(name) === 0 ? { type: 2, value: name } : { type: 7, ip: name })) },
    ],
  });
  writeSecret(files.key, made.private);
  writeFileSync(files.certificate, made.cert);
  return files;
}

function writeSecret(file: string, text: string): void {
  writeFileSync(file, text, { mode: 0o600 });
  chmodSync(file, 0o600);
}
