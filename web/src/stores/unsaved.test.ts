import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  followEdit,
  addMeasure,
  anyHeight,
  changeMeasure,
  changePlan,
  experimentFrom,
  byCode,
  lastOf,
  write,
  type Experiment,
} from '@fern/core';
import { accept, fakeServer, freshPage, type FakeCall, type FakeServer, type Reply } from '../testing';
import { storedDrafts } from './drafts';
import { useDocument } from './document';
import { useHistory } from './history';
import { useOpening } from './openExperiment';
import { useSession } from './session';

const plan = addMeasure(experimentFrom(anyHeight, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 }));
const code = lastOf(plan.measures).code;
let server: FakeServer;
let offline = false;

/** Stores what is whole; refuses a formula that does not fit, and a change of an old version. */
function answer(call: FakeCall): Reply {
  if (offline) return 'offline';
  if (call.method === 'GET') return { status: 200, body: { id: 'x', version: server.version, experiment: server.study.experiment } };
  const { version, experiment } = call.body;
  const at = experiment.measures.findIndex(({ derived }) => derived === 'no formula(');
  if (at >= 0) {
    const detail = 'The formula ends too early.';
    return { status: 422, body: { detail, errors: [{ pointer: `/experiment/measures/${at}/derived`, detail }] } };
  }
  if (version !== server.version) return { status: 409, body: { detail: 'Changed in another window.' } };
  server.version = version + 1;
  server.study = { ...server.study, experiment };
  return accept(call);
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'] });
  server = fakeServer({ experiment: plan, observations: [], incidents: [], care: [], photos: [] });
  server.answer = answer;
  offline = false;
});

async function wait(ms = 700): Promise<void> {
  await vi.advanceTimersByTimeAsync(ms);
  await useDocument().kept();
}
async function breathing<T>(work: Promise<T>): Promise<T> {
  let over = false;
  const ended = work.finally(() => (over = true));
  while (!over) await wait();
  return ended;
}
async function opened() {
  await useSession().load();
  await breathing(useOpening().open('x'));
  await wait();
  return { documentStore: useDocument(), history: useHistory() };
}
/** The page is closed and opened again: what it had in memory is gone. */
async function again() {
  await wait();
  vi.clearAllTimers();
  freshPage();
  return opened();
}
const stored = () => server.study.experiment;
const formula = (derived: string) => (now: Experiment) => changeMeasure(now, code, { kind: 'derived', derived });
const endRule = (words: string) => (now: Experiment) => changePlan(now, { endRule: words });
const derivedOf = (of: Experiment | null) => byCode(of?.measures ?? [], code)?.derived;

describe('one refused field', () => {
  it('does not stop the others: what can be saved is, what cannot stays on the page with its place and its reason', async () => {
    const { documentStore, history } = await opened();
    history.edit(formula('no formula('));
    await wait();
    history.edit(endRule('day 12'));
    documentStore.change((now) => write(now, { discussion: 'Mine.' }));
    await wait();
    expect([stored().plan.endRule, stored().writing.discussion, derivedOf(stored())]).toEqual(['day 12', 'Mine.', null]);
    expect([documentStore.saving, derivedOf(documentStore.experiment)]).toEqual(['wrong', 'no formula(']);
    expect(documentStore.errorAt('/measures')).toBe('The formula ends too early.');
    expect(documentStore.open).toEqual([{ place: `measure ${code}, formula`, why: 'The formula ends too early.' }]);
    history.edit(formula('2*height'));
    await wait();
    expect([documentStore.saving, derivedOf(stored()), documentStore.open]).toEqual(['saved', '2*height', []]);
  });

  it('is still there, with its reason, when the experiment or the page is opened again', async () => {
    const first = await opened();
    first.history.edit(formula('no formula('));
    await wait();
    first.history.edit(endRule('day 12'));
    const { documentStore, history } = await again();
    expect([stored().plan.endRule, derivedOf(documentStore.experiment), documentStore.saving]).toEqual(['day 12', 'no formula(', 'wrong']);
    expect(documentStore.open).toHaveLength(1);
    history.edit(formula('2*height'));
    await wait();
    expect(await storedDrafts('me', 'x')).toEqual([]);
    expect(derivedOf((await again()).documentStore.experiment)).toBe('2*height');
  });

  it('can be taken back by itself, and everything else stays', async () => {
    const { documentStore, history } = await opened();
    history.edit(formula('no formula('));
    history.edit(endRule('day 12'));
    await wait();
    documentStore.takeBack();
    await wait();
    expect([documentStore.saving, derivedOf(documentStore.experiment), documentStore.experiment?.plan.endRule]).toEqual([
      'saved',
      null,
      'day 12',
    ]);
    expect(await storedDrafts('me', 'x')).toEqual([]);
  });

  it('lets nobody start on the plan without it', async () => {
    const { documentStore, history } = await opened();
    history.edit(formula('no formula('));
    expect(await breathing(history.start('2026-04-02'))).toContain('The formula ends too early.');
    expect([stored().plan.lockedOn, documentStore.started, documentStore.saving]).toEqual([null, false, 'wrong']);
    history.edit(formula('2*height'));
    expect(await breathing(history.start('2026-04-02'))).toBeNull();
    expect([stored().plan.lockedOn !== null, derivedOf(stored())]).toEqual([true, '2*height']);
  });

  it('a start that is refused leaves no page that says it has started', async () => {
    const { documentStore, history } = await opened();
    server.answer = () => ({
      status: 422,
      body: { detail: 'Not yet.', errors: [{ pointer: '/experiment/startedOn', detail: 'Not yet.' }] },
    });
    expect(await breathing(history.start('2026-04-02'))).toBe('day 0: Not yet.');
    expect([documentStore.started, stored().plan.lockedOn]).toEqual([false, null]);
    server.answer = answer;
    offline = true;
    expect(await breathing(history.start('2026-04-02'))).toContain('No answer from the server');
    expect(documentStore.started).toBe(false);
  });

  it('a closing page asks first while something is refused, and not while all is saved', async () => {
    const { history } = await opened();
    const closes = () => window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
    expect(closes()).toBe(true);
    history.edit(formula('no formula('));
    await wait();
    expect(closes()).toBe(false);
  });
});

describe('what was never answered', () => {
  it('outlives the page, and is sent when it is opened again', async () => {
    const { documentStore, history } = await opened();
    offline = true;
    history.edit(endRule('day 12'));
    await wait();
    expect(documentStore.saving).toBe('offline');
    const later = await again();
    expect(later.documentStore.experiment?.plan.endRule).toBe('day 12');
    offline = false;
    await wait(5000);
    expect(stored().plan.endRule).toBe('day 12');
  });

  it('is joined with what someone else changed meanwhile; where both changed one thing, theirs stands and that is said', async () => {
    const { history } = await opened();
    offline = true;
    history.edit(endRule('day 12'));
    history.edit((now) => ({ ...now, title: 'Mine' }));
    await wait();
    server.study = { ...server.study, experiment: followEdit(plan, { ...plan, title: 'Theirs', question: 'Theirs too?' }) };
    server.version = 7;
    offline = false;
    const { documentStore } = await again();
    expect(stored()).toMatchObject({ title: 'Theirs', question: 'Theirs too?', plan: { endRule: 'day 12' } });
    expect(documentStore.overtaken).toEqual(['the title']);
  });

  it('a change that was made a moment before the page closed is not lost', async () => {
    const { history } = await opened();
    offline = true;
    history.edit(endRule('day 12'));
    await wait(0);
    vi.clearAllTimers();
    freshPage();
    offline = false;
    await opened();
    await wait();
    expect(stored().plan.endRule).toBe('day 12');
  });

  it('after a conflict the other’s is loaded, and what stood here does not come back by itself', async () => {
    const { documentStore, history } = await opened();
    server.version = 5;
    history.edit(endRule('day 12'));
    await wait();
    expect(documentStore.saving).toBe('conflict');
    await breathing(useOpening().reload());
    await wait();
    expect([documentStore.saving, documentStore.experiment?.plan.endRule]).toEqual(['saved', plan.plan.endRule]);
    expect((await again()).documentStore.experiment?.plan.endRule).toBe(plan.plan.endRule);
  });
});

describe('an amendment that has not said why', () => {
  const started = () => {
    server.study = { ...server.study, experiment: changePlan(plan, { lockedOn: '2026-04-01' }) };
    return opened();
  };

  it('does not hold up what needs none: the writer’s words are saved', async () => {
    const { documentStore, history } = await started();
    history.beginAmendment();
    history.edit(endRule('day 12'));
    documentStore.change((now) => write(now, { discussion: 'Mine.' }));
    await wait();
    expect([stored().writing.discussion, stored().plan.endRule]).toEqual(['Mine.', plan.plan.endRule]);
    expect(documentStore.experiment?.plan.endRule).toBe('day 12');
  });

  it('is there again when the page is, still open', async () => {
    const first = await started();
    first.history.beginAmendment();
    first.history.edit(endRule('day 12'));
    const { documentStore, history } = await again();
    expect([history.amending, documentStore.experiment?.plan.endRule, stored().plan.endRule]).toEqual([true, 'day 12', plan.plan.endRule]);
    history.leaveAmendment();
    await wait();
    expect([documentStore.saving, documentStore.experiment?.plan.endRule]).toEqual(['saved', plan.plan.endRule]);
    expect(await storedDrafts('me', 'x')).toEqual([]);
  });
});

describe('undo', () => {
  it('takes back the edit alone: what was written, sealed, foretold or lost since stays', async () => {
    const { documentStore, history } = await opened();
    history.edit(endRule('day 12'));
    const later = changePlan(
      write(
        { ...stored(), units: plan.units.map((unit, i) => (i === 0 ? { ...unit, status: 'lost', lostOn: '2026-04-05' } : unit)) },
        { discussion: 'Mine.' },
      ),
      {
        seal: { ...plan.plan.seal, sealedOn: '2026-04-03' },
        endRule: 'day 12',
      },
    );
    await wait();
    documentStore.adopt({ id: 'x', version: 9, experiment: later });
    history.undo();
    expect(documentStore.experiment).toMatchObject({
      plan: { endRule: plan.plan.endRule, seal: { sealedOn: '2026-04-03' } },
      writing: { discussion: 'Mine.' },
    });
    expect(documentStore.experiment?.units[0]).toMatchObject({ status: 'lost', lostOn: '2026-04-05' });
  });
});
