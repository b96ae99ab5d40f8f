import { defineStore } from 'pinia';
import { useEventListener } from '@vueuse/core';
import { v7 as uuid } from 'uuid';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import type { ExperimentRecord, FieldError, SealOpening } from '@fern/contract';
import { joinEdits, placeName, restorePlan, same, type Experiment, type Rebased } from '@fern/core';
import { api, CallError } from './api';
import { dropDraft, storeDraft, type Draft } from './drafts';
import { saveWhatFits, type Stored } from './saveWhatFits';
import { useSession } from './session';

export type Saving = 'saved' | 'changed' | 'saving' | 'wrong' | 'conflict' | 'offline';

/** Something on the page that the server does not take: where, and why. */
export interface OpenEdit {
  readonly place: string;
  readonly why: string;
}

const WAIT_MS = 500;
const AGAIN_MS = 4000;
const NOTHING: Stored = { record: null, refusal: null };

/**
 * The experiment that is open, as a document that saves itself. What cannot be saved is said, does not stop the rest, stays on the screen,
 * and is kept in this browser until it is saved or taken back.
 */
export const useDocument = defineStore('document', () => {
  const session = useSession();
  const page = uuid();
  const id = ref('');
  const version = ref(0);
  /** As on the page. */
  const experiment = shallowRef<Experiment | null>(null);
  /** As the server has it. */
  const stored = shallowRef<Experiment | null>(null);
  const saving = ref<Saving>('saved');
  const wrong = ref<readonly FieldError[]>([]);
  const message = ref('');
  /** The fixed plan is not saved while this holds: it is being changed after the start, and has not said yet what and why. */
  const held = ref(false);
  /** Places where an edit of this browser gave way to someone else’s of the same. */
  const overtaken = ref<readonly string[]>([]);
  /** This browser has no room to keep what is not saved. */
  const unkept = ref(false);
  /** What was sent and never answered: it may be stored or not. */
  let unanswered: Experiment[] = [];
  /** What was refused: the same again would be too. */
  let refused: Experiment | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let underWay: Promise<void> | null = null;
  let keeping: Promise<void> = Promise.resolve();
  let toKeep: (() => Promise<void>) | null = null;
  let over = false;

  /** Takes over what the server holds. What was typed here and not saved is kept in this browser. */
  function take(openId: string, openVersion: number, opened: Experiment | null): void {
    clearTimeout(timer);
    id.value = openId;
    version.value = openVersion;
    [experiment.value, stored.value] = [opened, opened];
    saving.value = 'saved';
    [wrong.value, overtaken.value] = [[], []];
    held.value = false;
    [unanswered, refused] = [[], null];
  }

  /** Puts edits that this browser has kept back onto what the server holds. */
  function resume(drafts: readonly Draft[]): void {
    for (const draft of drafts) {
      if (experiment.value === null) return;
      const joined = joinEdits(draft.base, draft.mine, experiment.value);
      overtake(joined);
      held.value ||= draft.held;
      change(() => joined.experiment);
      // Kept from now on as this page’s.
      const rest = { account: draft.account, experiment: draft.experiment, page: draft.page };
      keeping = keeping.then(() => (unkept.value ? undefined : dropDraft(rest))).catch(() => undefined);
    }
  }

  function overtake({ experiment: joined, overlaps }: Rebased): void {
    const places = overlaps.map((at) => placeName(joined, at));
    overtaken.value = [...new Set([...overtaken.value, ...places])];
  }

  /** Keeps in this browser what the server does not have yet; nothing where it has all. */
  function keep(): void {
    const account = session.account?.id;
    const [base, mine] = [stored.value, experiment.value];
    if (account === undefined || base === null || mine === null) return;
    const draft = { account, experiment: id.value, page, base, mine, held: held.value };
    const isSaved = saving.value === 'saved' && !held.value;
    toKeep = async () => {
      try {
        await (isSaved ? dropDraft(draft) : storeDraft(draft));
        unkept.value = false;
      } catch {
        unkept.value = !isSaved;
      }
    };
    // One after another, and of those that wait the last alone.
    keeping = keeping.then(async () => {
      const last = toKeep;
      toKeep = null;
      if (!over) await last?.();
    });
  }

  /** Changes the experiment at once on the screen, and saves it a moment later. */
  function change(edit: (now: Experiment) => Experiment): void {
    if (experiment.value === null) return;
    const next = edit(experiment.value);
    if (next === experiment.value) return;
    experiment.value = next;
    if (saving.value !== 'conflict' && saving.value !== 'saving') saving.value = 'changed';
    keep();
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), WAIT_MS);
  }

  /**
   * Saves now what still waits; resolves when it is stored or has been refused. One save at a time: the next leaves from the version that
   * was answered.
   * @param how `whole`: all of it or nothing
   */
  async function flush(how: { readonly keepalive?: boolean; readonly whole?: boolean } = {}): Promise<void> {
    clearTimeout(timer);
    while (underWay) await underWay;
    const wanted = toSave();
    if (wanted === null || saving.value === 'saved' || saving.value === 'conflict' || wanted === refused) return;
    underWay = save(wanted, how.keepalive ?? false, how.whole ?? false).finally(() => (underWay = null));
    await underWay;
    // What was changed while the call was under way is saved next.
    if (isChanged()) await flush(how);
  }

  const isChanged = () => saving.value === 'changed' && !(held.value && same(toSave(), stored.value));

  /** What may be saved just now: of a plan that is being amended what needs no reason. */
  function toSave(): Experiment | null {
    if (experiment.value === null || !held.value || stored.value === null) return experiment.value;
    const free = restorePlan(stored.value, experiment.value);
    return same(free, stored.value) ? null : free;
  }

  async function save(wanted: Experiment, keepalive: boolean, whole: boolean): Promise<void> {
    const to = id.value;
    const before = stored.value;
    const shown = experiment.value;
    if (before === null) return;
    saving.value = 'saving';
    const put = (sent: Experiment) =>
      api.put<ExperimentRecord>(`/experiments/${to}`, { version: version.value, experiment: sent }, { keepalive });
    try {
      // What was sent and not answered may stand there instead.
      const isStored = unanswered.length === 0 && same(wanted, before);
      const { record, refusal } = isStored ? NOTHING : await saveWhatFits(before, wanted, put, whole);
      if (to !== id.value) return;
      if (record !== null) [version.value, stored.value] = [record.version, record.experiment];
      unanswered = [];
      tell(refusal);
      refused = refusal === null ? null : wanted;
      saving.value = experiment.value !== shown ? 'changed' : refusal !== null ? 'wrong' : held.value ? 'changed' : 'saved';
    } catch (problem) {
      if (!(problem instanceof CallError)) throw problem;
      if (to === id.value) await fail(problem, wanted);
    }
    keep();
  }

  function tell(problem: CallError | null): void {
    message.value = problem?.message ?? '';
    wrong.value = (problem?.errors ?? []).map(({ pointer, detail }) => ({ pointer: pointer.replace(/^\/experiment/, ''), detail }));
  }

  async function fail(problem: CallError, sent: Experiment): Promise<void> {
    tell(problem);
    if (problem.offline) {
      unanswered = [...unanswered, sent];
      saving.value = 'offline';
      timer = setTimeout(() => void flush(), AGAIN_MS);
    } else if (problem.status === 409 && (await isOurs(sent))) saving.value = 'changed';
    else {
      refused = problem.status === 422 ? sent : null;
      saving.value = problem.status === 409 ? 'conflict' : 'wrong';
    }
  }

  /** Whether what the server holds is a save of our own whose reply was lost, or the very same from another window: its version is ours too. */
  async function isOurs(sent: Experiment): Promise<boolean> {
    const record = await api.get<ExperimentRecord>(`/experiments/${id.value}`).catch(() => null);
    if (record === null || ![...unanswered, sent].some((own) => same(own, record.experiment))) return false;
    [version.value, stored.value] = [record.version, record.experiment];
    unanswered = [];
    return true;
  }

  /** Takes over a change that the server made by itself, as to a unit's status. What waits here to be saved stays. */
  function adopt(record: ExperimentRecord): void {
    // An answer that was overtaken on its way says nothing new.
    if (record.id !== id.value || record.version < version.value || experiment.value === null || stored.value === null) return;
    const joined = joinEdits(stored.value, experiment.value, record.experiment);
    version.value = record.version;
    [experiment.value, stored.value] = [joined.experiment, record.experiment];
    overtake(joined);
    keep();
  }

  /** Leaves out what the server does not take: its places stand as they are stored. */
  function takeBack(): void {
    const before = stored.value;
    if (before !== null) change(() => before);
  }

  /** Throws away what stands here and is not saved, as after a conflict. */
  async function discard(): Promise<void> {
    if (experiment.value === null) return;
    take(id.value, version.value, stored.value);
    keep();
    await keeping;
  }

  /** A seal is set and opened by calls of its own, which the owner’s log has. */
  async function callSeal(path: string, body: unknown): Promise<void> {
    await flush();
    adopt(await api.post<ExperimentRecord>(`/experiments/${id.value}/seal${path}`, body));
  }

  onScopeDispose(() => {
    over = true;
    clearTimeout(timer);
  });
  useEventListener(window, 'pagehide', () => void flush({ keepalive: true }));
  useEventListener(window, 'beforeunload', (event) => {
    if (saving.value === 'wrong' || saving.value === 'conflict') event.preventDefault();
  });
  // What could not be saved because the session had ended is saved when the person is back.
  watch(
    () => session.expired,
    (expired) => {
      refused = null;
      if (!expired) void flush();
    },
  );

  return {
    id,
    version,
    experiment,
    saving,
    wrong,
    message,
    held,
    overtaken,
    unkept,
    /** Something typed has not reached the server. */
    unsaved: computed(() => experiment.value !== null && saving.value !== 'saved'),
    /** Nothing is on its way that someone else’s change would meet: theirs can be taken over beneath what stands here. */
    adopts: computed(() => saving.value === 'saved' || saving.value === 'wrong' || held.value),
    /** What the server does not take, a line a place. */
    open: computed<readonly OpenEdit[]>(() => {
      const now = experiment.value;
      if (saving.value !== 'wrong' || now === null) return [];
      const lines = wrong.value.map(({ pointer, detail }) => ({ place: placeName(now, pointer), why: detail }));
      return lines.length > 0 ? lines : [{ place: '', why: message.value }];
    }),
    started: computed(() => experiment.value !== null && experiment.value.plan.lockedOn !== null),
    errorAt: (pointer: string) =>
      wrong.value.find((field) => field.pointer === pointer || field.pointer.startsWith(`${pointer}/`))?.detail ?? null,
    take,
    resume,
    change,
    flush,
    adopt,
    takeBack,
    discard,
    /** Resolves when this browser has what is not saved. */
    kept: () => keeping,
    seal: (on: string) => callSeal('', { on }),
    openSeal: (opening: SealOpening) => callSeal('/opened', opening),
  };
});
