import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { ExperimentRecord, FieldError } from '@fern/contract';
import type { Experiment, Happening, Study, Unit } from '@fern/core';
import { api, CallError, wordsFor } from './api';
import { useOutbox } from './outbox';
import { today } from './today';

export type Saving = 'saved' | 'changed' | 'saving' | 'wrong' | 'conflict' | 'offline';

const WAIT_MS = 500;

/** The experiment that is open, with what was logged. Changes save themselves; what cannot be saved is said and stays on the screen. */
export const useExperiment = defineStore('experiment', () => {
  const id = ref('');
  const version = ref(0);
  const experiment = shallowRef<Experiment | null>(null);
  const logged = shallowRef<Omit<Study, 'experiment'>>({ observations: [], happenings: [], care: [] });
  const loading = ref(false);
  const error = ref<string | null>(null);
  const saving = ref<Saving>('saved');
  const wrong = ref<readonly FieldError[]>([]);
  const message = ref('');
  /** A started plan is being changed: nothing is saved until the amendment says what and why. */
  const amending = ref(false);
  const past: Experiment[] = [];
  const canUndo = ref(false);
  const outbox = useOutbox();
  let timer: ReturnType<typeof setTimeout> | undefined;

  async function open(next: string): Promise<void> {
    if (id.value === next && experiment.value !== null && error.value === null) return;
    await flush();
    id.value = next;
    experiment.value = null;
    await reload();
  }

  async function reload(): Promise<void> {
    loading.value = true;
    error.value = null;
    past.length = 0;
    canUndo.value = false;
    amending.value = false;
    const asked = id.value;
    try {
      const [record, study] = await Promise.all([
        api.get<ExperimentRecord>(`/experiments/${asked}`),
        api.get<Study>(`/experiments/${asked}/study`),
      ]);
      if (asked !== id.value) return;
      version.value = record.version;
      experiment.value = record.experiment;
      logged.value = { observations: study.observations, happenings: study.happenings, care: study.care };
      saving.value = 'saved';
      wrong.value = [];
    } catch (problem) {
      error.value = wordsFor(problem);
    } finally {
      loading.value = false;
    }
  }

  /** Changes the experiment at once on the screen, and saves it a moment later. */
  function change(edit: (now: Experiment) => Experiment): void {
    if (experiment.value === null) return;
    const next = edit(experiment.value);
    if (next === experiment.value) return;
    past.push(experiment.value);
    if (past.length > 50) past.shift();
    canUndo.value = true;
    put(next);
  }

  function undo(): void {
    const before = past.pop();
    canUndo.value = past.length > 0;
    if (before) put(before);
  }

  function put(next: Experiment): void {
    experiment.value = next;
    if (saving.value !== 'conflict') saving.value = 'changed';
    clearTimeout(timer);
    if (!amending.value) timer = setTimeout(() => void flush(), WAIT_MS);
  }

  /** Saves now what still waits; resolves when it is stored or has been refused. */
  async function flush(keepalive = false): Promise<void> {
    clearTimeout(timer);
    if (experiment.value === null || amending.value || saving.value === 'saved' || saving.value === 'conflict' || saving.value === 'saving')
      return;
    const sent = experiment.value;
    saving.value = 'saving';
    try {
      const record = await api.put<ExperimentRecord>(
        `/experiments/${id.value}`,
        { version: version.value, experiment: sent },
        { keepalive },
      );
      version.value = record.version;
      wrong.value = [];
      saving.value = 'saved';
    } catch (problem) {
      if (!(problem instanceof CallError)) throw problem;
      message.value = problem.message;
      wrong.value = problem.errors.map(({ pointer, detail }) => ({ pointer: pointer.replace(/^\/experiment/, ''), detail }));
      saving.value = problem.offline ? 'offline' : problem.status === 409 ? 'conflict' : 'wrong';
      if (problem.offline) timer = setTimeout(() => void flush(), 4000);
      return;
    }
    // What was changed while the call was under way is saved next.
    if (experiment.value !== sent) {
      saving.value = 'changed';
      await flush(keepalive);
    }
  }

  async function setUnitStatus(unit: string, status: Unit['status'], statusReason: string | null): Promise<void> {
    await flush();
    const record = await api.patch<ExperimentRecord>(`/experiments/${id.value}/units/${encodeURIComponent(unit)}`, {
      status,
      statusReason,
    });
    version.value = record.version;
    experiment.value = record.experiment;
  }

  async function addHappening(happening: Happening): Promise<void> {
    await api.post(`/experiments/${id.value}/happenings`, happening);
    logged.value = { ...logged.value, happenings: [...logged.value.happenings, happening] };
  }

  /** Saves what was changed of a started plan, with the amendment that says so; it stays open where it is refused. */
  async function amend(what: string, reason: string): Promise<void> {
    change((now) => ({ ...now, plan: { ...now.plan, amendments: [...now.plan.amendments, { on: today(), what, reason }] } }));
    amending.value = false;
    await flush();
    if (saving.value === 'saved') return;
    amending.value = true;
    undo();
  }

  /** Takes over readings that were sent, so that pages show them without loading again. */
  function took(observations: Study['observations']): void {
    const known = new Set(logged.value.observations.map((seen) => seen.id));
    logged.value = { ...logged.value, observations: [...logged.value.observations, ...observations.filter((seen) => !known.has(seen.id))] };
  }

  window.addEventListener('pagehide', () => void flush(true));

  /** The experiment with everything logged, and with readings that still wait to be sent. */
  const study = computed<Study | null>(() => {
    if (experiment.value === null) return null;
    const known = new Set(logged.value.observations.map((seen) => seen.id));
    const waiting = outbox.of(id.value).filter((seen) => !known.has(seen.id));
    return { ...logged.value, observations: [...logged.value.observations, ...waiting], experiment: experiment.value };
  });

  return {
    id,
    version,
    experiment,
    study,
    loading,
    error,
    saving,
    wrong,
    message,
    canUndo,
    amending,
    started: computed(() => experiment.value !== null && experiment.value.plan.frozenOn !== null),
    /** Started, and not being amended: the plan's fields cannot be changed. */
    frozen: computed(() => experiment.value !== null && experiment.value.plan.frozenOn !== null && !amending.value),
    wrongAt: (pointer: string) =>
      wrong.value.find((field) => field.pointer === pointer || field.pointer.startsWith(`${pointer}/`))?.detail ?? null,
    open,
    reload,
    change,
    undo,
    amend,
    flush,
    setUnitStatus,
    addHappening,
    took,
  };
});
