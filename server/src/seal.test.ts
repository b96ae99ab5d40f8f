import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ExperimentRecord, HistoryLine, ProblemDetails } from '@fern/contract';
import { isSealed, latestAnywhere, readPackage, unzipPackage, type Experiment } from '@fern/core';
import { anyPlan, startRoutes, type RouteFixture } from './routeFixtures';

let room: RouteFixture;
beforeAll(async () => (room = await startRoutes()));
afterAll(() => room.server.stop());

const blind: Experiment = { ...anyPlan, title: 'Read blind', blinded: true, plan: { ...anyPlan.plan, lockedOn: '2026-04-01' } };
const call = (method: string, path: string, body?: unknown) => room.teacher.call(method, `/api/experiments/${path}`, body);
async function make(experiment: Experiment = blind): Promise<string> {
  return ((await room.teacher.call('POST', '/api/experiments', experiment)).body as ExperimentRecord).id;
}
const now = async (id: string) => (await call('GET', id)).body as ExperimentRecord;
async function deeds(id: string): Promise<HistoryLine[]> {
  const { body } = await room.teacher.call('GET', '/api/history');
  return (body as HistoryLine[]).filter(({ experimentId, what }) => experimentId === id && /sealed/.test(what)).reverse();
}
const seal = (id: string) => call('POST', `${id}/seal`, { on: '2026-04-02' });
const open = (id: string, reason: string) => call('POST', `${id}/seal/opened`, { on: '2026-04-09', reason });

describe('the seal', () => {
  it('is set and opened by its own routes alone, with who, when and why, and the owner’s log has both', async () => {
    const id = await make();
    expect((await seal(id)).status).toBe(200);
    expect(isSealed((await now(id)).experiment)).toBe(true);
    const opened = (await open(id, 'all is read')).body as ExperimentRecord;
    const expected = { sealedOn: '2026-04-02', openedOn: '2026-04-09', openedBy: 'M. Bracken', reason: 'all is read' };
    expect(opened.experiment.plan.seal).toEqual(expected);
    expect(await now(id)).toEqual(opened);
    expect((await deeds(id)).map(({ what, detail }) => [what, detail])).toEqual([
      ['sealed', '2026-04-02'],
      ['unsealed', 'all is read'],
    ]);
  });

  it('is changed by no save: not blank, not left out, not opened, not with another day', async () => {
    const id = await make();
    await seal(id);
    const { version, experiment } = await now(id);
    const { seal: stands, ...others } = experiment.plan;
    const blank = { sealedOn: null, openedOn: null, openedBy: '', reason: '' };
    for (const plan of [
      { ...others, seal: blank },
      others,
      { ...others, seal: { ...stands, openedOn: '2026-04-09', openedBy: 'M. Bracken', reason: 'a save that opens' } },
      { ...others, seal: { ...stands, sealedOn: '2026-04-03' } },
    ]) {
      const { status, body } = await call('PUT', id, { version, experiment: { ...experiment, hypothesis: 'Changed as well', plan } });
      expect([status, (body as ProblemDetails).errors?.[0]?.pointer]).toEqual([422, '/experiment/plan/seal']);
      expect(await now(id)).toEqual({ id, version, experiment });
    }
    expect(
      (await call('PUT', id, { version, experiment: { ...experiment, writing: { ...experiment.writing, discussion: 'Mine.' } } })).status,
    ).toBe(200);
    expect(isSealed((await now(id)).experiment)).toBe(true);
    expect((await deeds(id)).map(({ what }) => what)).toEqual(['sealed']);
  });

  it('no save sets it either, so that it never stands without its line in the log', async () => {
    const id = await make();
    const { version, experiment } = await now(id);
    const sealed = { ...experiment, plan: { ...experiment.plan, seal: { ...experiment.plan.seal, sealedOn: '2026-04-02' } } };
    expect((await call('PUT', id, { version, experiment: sealed })).status).toBe(422);
    expect(isSealed((await now(id)).experiment)).toBe(false);
  });

  it('is never put back once it was opened, and the first reason stands', async () => {
    const id = await make();
    await seal(id);
    await open(id, 'all is read');
    const stood = (await now(id)).experiment;
    expect((await seal(id)).status).toBe(422);
    expect((await open(id, 'another reason')).status).toBe(200);
    expect((await now(id)).experiment).toEqual(stood);
    expect((await deeds(id)).map(({ what }) => what)).toEqual(['sealed', 'unsealed']);
  });

  it('asked for twice, as after a lost reply, it is one seal', async () => {
    const id = await make();
    expect([(await seal(id)).status, (await seal(id)).status]).toEqual([200, 200]);
    expect((await deeds(id)).map(({ what }) => what)).toEqual(['sealed']);
  });

  it.each([
    ['a plan that is not started', { ...blind, plan: { ...blind.plan, lockedOn: null } }, /start/i],
    ['a plan that is not read blind', { ...blind, blinded: false }, /not planned to be read blind/],
  ])('%s has none', async (_, experiment, words) => {
    const { status, body } = await seal(await make(experiment));
    expect([status, (body as ProblemDetails).detail]).toEqual([422, expect.stringMatching(words)]);
  });

  it('is not opened without a reason, nor where there is none', async () => {
    const id = await make();
    expect((await open(id, 'why not')).status).toBe(422);
    await seal(id);
    for (const reason of ['', '   ']) expect((await open(id, reason)).status).toBe(422);
    expect(isSealed((await now(id)).experiment)).toBe(true);
  });

  it('goes out and comes back with its package', async () => {
    const id = await make();
    await seal(id);
    const sent = (await call('GET', `${id}/package`)).body as Uint8Array;
    const unzipped = unzipPackage(sent, 'package.zip');
    if ('problems' in unzipped) throw new Error('not a package');
    const read = readPackage(unzipped.files, latestAnywhere(new Date()));
    expect('study' in read && isSealed(read.study.experiment)).toBe(true);
  });
});
