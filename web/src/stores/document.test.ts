import { beforeEach, describe, expect, it, vi } from 'vitest';
import { anyHeight, experimentFrom, setRole, write, type Experiment, type Observation, itemAt } from '@fern/core';
import { accept, eventually, fakeServer, type FakeServer } from '../testing';
import { useDocument } from './document';
import { useHistory } from './history';
import { useLog } from './log';
import { useOpening } from './openExperiment';
import { useOutbox } from './outbox';
import { useSession } from './session';

const plan = experimentFrom(anyHeight, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 });
let server: FakeServer;

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'] });
  server = fakeServer({ experiment: plan, observations: [], incidents: [], care: [], photos: [] });
});

const puts = () => server.calls.filter(({ method }) => method === 'PUT');
const sent = () => puts().map(({ body }) => [body.version, body.experiment.title]);
const rename = (title: string) => (now: Experiment) => ({ ...now, title });

/** Opening takes breaths, which the test's clock has to give. */
async function breathing(work: Promise<void>): Promise<void> {
  await vi.advanceTimersByTimeAsync(50);
  await work;
}
async function opened() {
  await breathing(useOpening().open('x'));
  return { documentStore: useDocument(), history: useHistory(), log: useLog() };
}

describe('opening', () => {
  it('asks once for everything: document, version and what was logged', async () => {
    const { documentStore, log } = await opened();
    expect(server.calls.map(({ path }) => path)).toEqual(['/experiments/x/study?as=columns']);
    expect(documentStore.version).toBe(1);
    expect(log.study?.experiment).toEqual(plan);
  });

  it('an experiment that is not there is said', async () => {
    vi.stubGlobal('fetch', async () => Response.json({ detail: 'There is nothing here.' }, { status: 404 }));
    await useOpening().open('y');
    expect(useOpening().error).toBe('There is nothing here.');
    expect(useDocument().experiment).toBeNull();
  });
});

describe('a change', () => {
  it('is on the screen at once and saved a moment later, several together', async () => {
    const { documentStore, history } = await opened();
    history.edit(rename('A'));
    history.edit(rename('B'));
    expect(documentStore.experiment?.title).toBe('B');
    expect(documentStore.saving).toBe('changed');
    expect(puts()).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(600);
    expect(sent()).toEqual([[1, 'B']]);
    expect(documentStore.saving).toBe('saved');
    expect(documentStore.version).toBe(2);
  });

  it('that changes nothing starts nothing', async () => {
    const { history } = await opened();
    history.edit((now) => now);
    await vi.advanceTimersByTimeAsync(1000);
    expect(puts()).toHaveLength(0);
    expect(history.canUndo).toBe(false);
  });

  it('made while a save is under way waits for its answer, and leaves from the version that was answered', async () => {
    const { documentStore, history } = await opened();
    let open: (() => void) | undefined;
    const gate = new Promise<void>((resolve) => (open = resolve));
    const quick = globalThis.fetch;
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
      const answer = await quick(url, init);
      if (init.method === 'PUT' && puts().length === 1) await gate;
      return answer;
    });
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    history.edit(rename('B'));
    history.edit(rename('C'));
    await vi.advanceTimersByTimeAsync(3000);
    expect(sent()).toEqual([[1, 'A']]);
    open?.();
    await vi.advanceTimersByTimeAsync(600);
    expect(sent()).toEqual([
      [1, 'A'],
      [2, 'C'],
    ]);
    expect(documentStore.saving).toBe('saved');
    expect(documentStore.version).toBe(3);
  });
});

describe('undo', () => {
  it('takes an edit of the plan back, and the undoing is saved too', async () => {
    const { documentStore, history } = await opened();
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    history.undo();
    expect(documentStore.experiment?.title).toBe(plan.title);
    await vi.advanceTimersByTimeAsync(600);
    expect(puts().at(-1)?.body).toMatchObject({ version: 2, experiment: { title: plan.title } });
    expect(history.canUndo).toBe(false);
  });

  it('leaves a unit lost that was marked since', async () => {
    await useSession().load();
    const { documentStore, history, log } = await opened();
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    const first = itemAt(plan.units, 0);
    const units = plan.units.map((unit) => (unit === first ? { ...first, status: 'lost', statusReason: 'fell', lostOn: null } : unit));
    const lost = { ...plan, title: 'A', units };
    server.answer = () => ({ status: 200, body: { id: 'x', version: 3, experiment: lost } });
    log.setUnit({ unit: first.code, status: 'lost', statusReason: 'fell', lostOn: null });
    await eventually(() => expect(documentStore.version).toBe(3));
    server.answer = accept;
    history.undo();
    expect(documentStore.experiment?.title).toBe(plan.title);
    expect(documentStore.experiment?.units[0]).toMatchObject({ status: 'lost', statusReason: 'fell', lostOn: null });
  });

  it('never undoes a start, nor the writer’s words', async () => {
    const { documentStore, history } = await opened();
    history.edit(rename('A'));
    documentStore.change((now) => write(now, { discussion: 'As typed.' }));
    await history.start('2026-04-02');
    expect(history.canUndo).toBe(false);
    history.undo();
    expect(documentStore.experiment).toMatchObject({ title: 'A', startedOn: '2026-04-02', writing: { discussion: 'As typed.' } });
    expect(documentStore.started).toBe(true);
  });
});

describe('what goes wrong', () => {
  it('a refused change stays on the screen, with the place and the words', async () => {
    const { documentStore, history } = await opened();
    server.answer = () => ({
      status: 422,
      body: { detail: 'No.', errors: [{ pointer: '/experiment/arms/1/role', detail: 'There are two controls.' }] },
    });
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(documentStore.saving).toBe('wrong');
    expect(documentStore.experiment?.title).toBe('A');
    expect(documentStore.errorAt('/arms')).toBe('There are two controls.');
    expect(documentStore.errorAt('/units')).toBeNull();
    server.answer = accept;
    history.edit(rename('B'));
    await vi.advanceTimersByTimeAsync(600);
    expect(documentStore.saving).toBe('saved');
    expect(documentStore.errorAt('/arms')).toBeNull();
  });

  it('a conflict is told, nothing more is sent, and loading again takes the other’s', async () => {
    const { documentStore, history } = await opened();
    server.answer = () => ({ status: 409, body: { detail: 'Changed in another window.' } });
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(documentStore.saving).toBe('conflict');
    history.edit(rename('B'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(puts()).toHaveLength(1);
    await breathing(useOpening().reload());
    expect(documentStore.experiment?.title).toBe(plan.title);
    expect(documentStore.saving).toBe('saved');
  });

  it('without a network it waits and sends by itself when the network is back', async () => {
    const { documentStore, history } = await opened();
    server.answer = () => 'offline';
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(documentStore.saving).toBe('offline');
    server.answer = accept;
    await vi.advanceTimersByTimeAsync(5000);
    expect(documentStore.saving).toBe('saved');
    expect(puts().at(-1)?.body.experiment.title).toBe('A');
  });

  it('a lost reply is no conflict: what was typed since is saved on top of it', async () => {
    const { documentStore, history } = await opened();
    let stored = { id: 'x', version: 1, experiment: plan };
    let replies = false;
    server.answer = (call) => {
      if (call.method === 'GET') return { status: 200, body: stored };
      if (call.body.version !== stored.version) return { status: 409, body: { detail: 'Changed in another window.' } };
      stored = { id: 'x', version: stored.version + 1, experiment: call.body.experiment };
      return replies ? { status: 200, body: stored } : 'offline';
    };
    history.edit(rename('A'));
    await vi.advanceTimersByTimeAsync(600);
    expect(documentStore.saving).toBe('offline');
    replies = true;
    history.edit(rename('AB'));
    await vi.advanceTimersByTimeAsync(6000);
    expect(documentStore.saving).toBe('saved');
    expect(stored).toMatchObject({ version: 3, experiment: { title: 'AB' } });
  });
});

describe('a started plan', () => {
  async function started() {
    const stores = await opened();
    await stores.history.start('2026-04-01');
    return stores;
  }

  it('is saved only with the amendment that says what and why, with old and new', async () => {
    const { documentStore, history } = await started();
    expect(history.frozen).toBe(true);
    history.beginAmendment();
    expect(history.frozen).toBe(false);
    history.edit((now) => ({ ...now, hypothesis: 'Amended' }));
    await vi.advanceTimersByTimeAsync(2000);
    expect(puts()).toHaveLength(1);
    await history.amend('the hypothesis', 'it was misleading');
    expect(puts().at(-1)?.body.experiment).toMatchObject({
      hypothesis: 'Amended',
      plan: {
        amendments: [
          {
            what: 'the hypothesis',
            reason: 'it was misleading',
            changes: [{ what: 'the hypothesis', before: plan.hypothesis, after: 'Amended' }],
          },
        ],
      },
    });
    expect(history.frozen).toBe(true);
    expect(documentStore.saving).toBe('saved');
  });

  it('a refused amendment stays open, without the amendment', async () => {
    const { documentStore, history } = await started();
    history.beginAmendment();
    history.edit((now) => setRole(now, itemAt(now.arms, 1).code, 'control'));
    server.answer = () => ({ status: 422, body: { detail: 'No.' } });
    await history.amend('the control', 'why');
    expect(history.amending).toBe(true);
    expect(documentStore.experiment?.plan.amendments).toEqual([]);
    expect(documentStore.experiment?.arms[1]?.role).toBe('control');
  });

  it('left as it was, it is as it was', async () => {
    const { documentStore, history } = await started();
    history.beginAmendment();
    history.edit((now) => ({ ...now, hypothesis: 'Amended' }));
    history.leaveAmendment();
    expect(history.frozen).toBe(true);
    expect(documentStore.experiment?.hypothesis).toBe(plan.hypothesis);
  });
});

describe('readings', () => {
  const reading = { id: 'r1', unit: 'P01', measure: 'height', value: 12, observedOn: '2026-04-08', replaces: null } as Observation;

  it('stand in the study while they wait and when they are stored, once', async () => {
    await useSession().load();
    const { log } = await opened();
    const outbox = useOutbox();
    const seen = () => log.study?.observations.map(({ id }) => id);
    outbox.add('x', { kind: 'reading', content: reading });
    expect(seen()).toEqual(['r1']);
    await eventually(() => expect(outbox.count).toBe(0));
    expect(seen()).toEqual(['r1']);
    // What is shown is also handed to workers, which take plain values only.
    expect(structuredClone(log.study)).toEqual(log.study);
  });

  it('of another experiment do not', async () => {
    await useSession().load();
    const { log } = await opened();
    useOutbox().add('other', { kind: 'reading', content: reading });
    await vi.advanceTimersByTimeAsync(0);
    expect(log.study?.observations).toEqual([]);
  });
});
