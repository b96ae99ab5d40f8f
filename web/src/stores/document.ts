import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { ExperimentRecord, FieldError } from '@fern/contract';
import { restorePlan, same, type Experiment } from '@fern/core';
import { api, CallError } from './api';
import { useSession } from './session';

export type Saving = 'saved' | 'changed' | 'saving' | 'wrong' | 'conflict' | 'offline';

const WAIT_MS = 500;
const AGAIN_MS = 4000;

/** The experiment that is open, as a document that saves itself. What cannot be saved is said and stays on the screen. */
export const useDocument = defineStore('document', () => {
  const id = ref('');
  const version = ref(0);
  const experiment = shallowRef<Experiment | null>(null);
  const saving = ref<Saving>('saved');
  const wrong = ref<readonly FieldError[]>([]);
  const message = ref('');
  /** Nothing is saved while this holds: a started plan is being changed, and has not said yet what and why. */
  const held = ref(false);
  /** What was sent and never answered: it may be stored or not. */
  let unanswered: Experiment[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  let underWay: Promise<void> | null = null;

  /** Takes over what the server holds; what was typed here and not saved is gone. */
  function take(openId: string, openVersion: number, opened: Experiment | null): void {
    clearTimeout(timer);
    id.value = openId;
    version.value = openVersion;
    experiment.value = opened;
    saving.value = 'saved';
    wrong.value = [];
    held.value = false;
    unanswered = [];
  }

  /** Changes the experiment at once on the screen, and saves it a moment later. */
  function change(edit: (now: Experiment) => Experiment): void {
    if (experiment.value === null) return;
    const next = edit(experiment.value);
    if (next === experiment.value) return;
    experiment.value = next;
    if (saving.value !== 'conflict' && saving.value !== 'saving') saving.value = 'changed';
    clearTimeout(timer);
    if (!held.value) timer = setTimeout(() => void flush(), WAIT_MS);
  }

  /** Saves now what still waits; resolves when it is stored or has been refused. One save at a time: the next leaves from the version that was answered. */
  async function flush(keepalive = false): Promise<void> {
    clearTimeout(timer);
    while (underWay) await underWay;
    if (experiment.value === null || held.value || saving.value === 'saved' || saving.value === 'conflict') return;
    underWay = save(experiment.value, keepalive).finally(() => (underWay = null));
    await underWay;
    // What was changed while the call was under way is saved next.
    if (saving.value === 'changed') await flush(keepalive);
  }

  async function save(sent: Experiment, keepalive: boolean): Promise<void> {
    saving.value = 'saving';
    const to = id.value;
    try {
      const record = await api.put<ExperimentRecord>(`/experiments/${to}`, { version: version.value, experiment: sent }, { keepalive });
      if (to !== id.value) return;
      version.value = record.version;
      wrong.value = [];
      unanswered = [];
      saving.value = experiment.value === sent ? 'saved' : 'changed';
    } catch (problem) {
      if (!(problem instanceof CallError)) throw problem;
      if (to === id.value) await fail(problem, sent);
    }
  }

  async function fail(problem: CallError, sent: Experiment): Promise<void> {
    message.value = problem.message;
    wrong.value = problem.errors.map(({ pointer, detail }) => ({ pointer: pointer.replace(/^\/experiment/, ''), detail }));
    if (problem.offline) {
      unanswered = [...unanswered, sent];
      saving.value = 'offline';
      timer = setTimeout(() => void flush(), AGAIN_MS);
    } else if (problem.status === 409 && (await isOurs())) saving.value = 'changed';
    else saving.value = problem.status === 409 ? 'conflict' : 'wrong';
  }

  /** Whether what the server holds is a save of our own whose reply was lost: then its version is ours too. */
  async function isOurs(): Promise<boolean> {
    if (unanswered.length === 0) return false;
    const stored = await api.get<ExperimentRecord>(`/experiments/${id.value}`).catch(() => null);
    if (stored === null || !unanswered.some((sent) => same(sent, stored.experiment))) return false;
    version.value = stored.version;
    unanswered = [];
    return true;
  }

  /** Takes over a change that the server made by itself, as to a unit's status. What waits here to be saved stays. */
  function adopt(record: ExperimentRecord): void {
    if (record.id !== id.value || experiment.value === null) return;
    version.value = record.version;
    experiment.value = saving.value === 'saved' ? record.experiment : restorePlan(experiment.value, record.experiment);
  }

  window.addEventListener('pagehide', () => void flush(true));
  // What could not be saved because the session had ended is saved when the person is back.
  const session = useSession();
  watch(
    () => session.expired,
    (expired) => {
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
    /** Something typed is on this page alone. */
    unsaved: computed(() => experiment.value !== null && saving.value !== 'saved'),
    started: computed(() => experiment.value !== null && experiment.value.plan.frozenOn !== null),
    wrongAt: (pointer: string) =>
      wrong.value.find((field) => field.pointer === pointer || field.pointer.startsWith(`${pointer}/`))?.detail ?? null,
    take,
    change,
    flush,
    adopt,
  };
});
