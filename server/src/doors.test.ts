import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writePackage, zipPackage, type Study } from '@fern/core';
import { brokenThings, withBroken } from '@fern/core/broken.fixture';
import type { ExperimentRecord, ImportRecord, ProblemDetails } from '@fern/contract';
import { fern } from './cli/fern';
import { photoForm, pixel, startRoutes } from './routeFixtures';
import type { HttpAnswer } from './testServer';

type Broken = (typeof brokenThings)[number];

/** Three ways in to the same rules: a call, a package that is sent, and the command line. */
let room: Awaited<ReturnType<typeof startRoutes>>;
let folder: string;
beforeAll(async () => {
  room = await startRoutes();
  folder = mkdtempSync(join(tmpdir(), 'fern-doors-'));
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await room.server.stop();
});

const send = (path: string, body: unknown) => room.teacher.call('POST', `/api/${path}`, body);
const sendPackage = (study: Study) =>
  send('packages', zipPackage(writePackage(study), new Map(study.photos.map(({ file }) => [file, new Uint8Array(pixel)]))));

/** What an answer says: what is in the way, or what is to be looked at again. */
function said({ status, body }: HttpAnswer): string[] {
  const problem = body as Partial<ProblemDetails & ImportRecord>;
  if (status >= 400) return (problem.errors ?? []).map(({ pointer, detail }) => `refused ${pointer}: ${detail}`);
  return (problem.asked ?? []).map(({ pointer, detail }) => `asked ${pointer}: ${detail}`);
}

/** The thing sent by a call of its own to what stands already. */
async function called({ study, thing }: Broken): Promise<string[]> {
  if ('experiment' in thing) return said(await send('experiments', thing.experiment));
  const { body } = await send('experiments', study.experiment);
  const at = `experiments/${(body as ExperimentRecord).id}`;
  if (study.observations.length > 0) await send(`${at}/observations`, { observations: study.observations });
  if ('reading' in thing) return said(await send(`${at}/observations`, { observations: [thing.reading] }));
  if ('photo' in thing) return said(await send(`${at}/photos`, photoForm(thing.photo)));
  return said('care' in thing ? await send(`${at}/care`, thing.care) : await send(`${at}/incidents`, thing.incident));
}

/** Where a call says that it stands. */
const placed = ({ thing, pointer }: Broken) => ('reading' in thing ? `/observations/0${pointer}` : pointer);

async function onCommandLine(study: Study): Promise<{ readonly code: number; readonly out: string }> {
  const path = mkdtempSync(join(folder, 'p-'));
  for (const [name, text] of Object.entries(writePackage(study))) writeFileSync(join(path, name), text);
  let out = '';
  const code = await fern(
    ['check', path],
    (text) => (out += text),
    () => undefined,
  );
  return { code, out };
}

describe.each(brokenThings)('$name', (own) => {
  const { answer, words } = own;

  it(`is ${answer} by a call`, async () => {
    expect(await called(own)).toEqual([`${answer} ${placed(own)}: ${words}`]);
  });

  it('is so on the command line', async () => {
    const { code, out } = await onCommandLine(withBroken(own));
    expect(code).toBe('photo' in own.thing || answer === 'refused' ? 1 : 0);
    expect(out).toContain(words);
  });
});

/** Each has a thread to itself, which costs; that a package gives the same answer for every one of them is tested in the core. */
const sent = brokenThings.filter((_, i) => i % 4 === 0);

describe.each(sent)('$name, in a package that is sent', (own) => {
  it(`is ${own.answer}`, async () => {
    expect(said(await sendPackage(withBroken(own)))).toEqual([expect.stringContaining(own.words)]);
  });
});
