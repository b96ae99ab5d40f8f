import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { createServer, get } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { makeCertificate } from './certificate';

let folder: string;
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'fern-tls-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const names = new Set(['bench.local', 'localhost', '127.0.0.1', '192.168.4.20']);

describe('a certificate for the local network', () => {
  it.each(['localhost', 'bench.local'])('lets a device that trusts the root call the server as %s, and no other', async (name) => {
    const files = await makeCertificate(folder, names, new Date());
    const server = createServer({ cert: readFileSync(files.certificate), key: readFileSync(files.key) }, (_request, response) =>
      response.end('here'),
    ).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    const call = (ca: Buffer | undefined, servername: string) =>
      new Promise<string>((resolve, reject) => {
        const { port } = server.address() as AddressInfo;
        get({ host: '127.0.0.1', port, ca, servername, agent: false }, (response) => {
          response.on('data', (text: Buffer) => resolve(text.toString()));
        }).on('error', reject);
      });
    const root = readFileSync(files.root);
    await expect(call(root, name)).resolves.toBe('here');
    await expect(call(undefined, name)).rejects.toThrow(/certificate/);
    await expect(call(root, 'elsewhere.example')).rejects.toThrow(/does not match/);
    server.close();
  });

  it('keeps its root, so that the tablets need nothing new, and keys that only their owner can read', async () => {
    const first = await makeCertificate(folder, names, new Date());
    const root = readFileSync(first.root, 'utf8');
    const second = await makeCertificate(folder, new Set(['other.local']), new Date());
    expect(readFileSync(second.root, 'utf8')).toBe(root);
    const made = new X509Certificate(readFileSync(second.certificate));
    expect(made.subjectAltName).toBe('DNS:other.local');
    expect(made.verify(new X509Certificate(root).publicKey)).toBe(true);
    expect(statSync(second.key).mode & 0o077).toBe(0);
  });
});
