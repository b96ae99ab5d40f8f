import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { changePlan, fixedChanges, followEdit, joinEdits, rebase, restorePlan, startOn, type Experiment } from '@fern/core';
import { useDocument } from './document';
import { today } from './today';

const MOST = 50;

/** An edit of the plan. */
interface Edit {
  readonly before: Experiment;
  readonly after: Experiment;
}

/** Edits of the plan and the way back. Only these are undone: never a lost unit, a start, or the writer's words. */
export const useHistory = defineStore('history', () => {
  const documentStore = useDocument();
  const past = shallowRef<readonly Edit[]>([]);
  /** The plan as it was before an amendment was begun; null while none is. */
  const original = shallowRef<Experiment | null>(null);

  /** Changes the plan at once, with the texts that follow from it; it can be undone. */
  function edit(change: (now: Experiment) => Experiment): void {
    const before = documentStore.experiment;
    documentStore.change((now) => {
      const next = change(now);
      return next === now ? now : followEdit(now, next);
    });
    const after = documentStore.experiment;
    if (before !== null && after !== null && after !== before) past.value = [...past.value, { before, after }].slice(-MOST);
  }

  /** Takes back the last edit alone: what was changed since in another way stays. */
  function undo(): void {
    const last = past.value.at(-1);
    if (!last) return;
    past.value = past.value.slice(0, -1);
    documentStore.change((now) => joinEdits(last.after, last.before, now).experiment);
  }

  function clear(): void {
    past.value = [];
    original.value = null;
  }

  /**
   * Freezes the plan and saves it; from then on nothing before it can be undone. Only what is stored is started: while something of the plan
   * is not, it stays a draft.
   * @returns why it has not started; null where it has
   */
  async function start(day: string): Promise<string | null> {
    await documentStore.flush();
    if (documentStore.saving !== 'saved') return notSaved();
    const before = documentStore.experiment;
    documentStore.change((now) => startOn(now, day, today()));
    await documentStore.flush({ whole: true });
    if (documentStore.saving === 'saved') {
      clear();
      return null;
    }
    const why = notSaved();
    if (documentStore.saving !== 'conflict' && before !== null)
      documentStore.change((now) => rebase(startOn(before, day, today()), before, now).experiment);
    await documentStore.flush();
    return why;
  }

  /** What stands between the plan on the page and the stored one. */
  function notSaved(): string {
    const open = documentStore.open.map(({ place, why }) => (place === '' ? why : `${place}: ${why}`));
    return open.length > 0 ? open.join(' ') : documentStore.message;
  }

  /** From here on a started plan can be changed; nothing is saved until the amendment says what and why. */
  function beginAmendment(): void {
    original.value = documentStore.experiment;
    past.value = [];
    documentStore.held = true;
  }

  /** Goes on with an amendment that was begun before the page was opened. */
  function resumeAmendment(before: Experiment): void {
    clear();
    original.value = before;
  }

  /** Leaves the plan as it was before the amendment was begun. */
  function leaveAmendment(): void {
    const before = original.value;
    clear();
    documentStore.held = false;
    if (before) documentStore.change((now) => restorePlan(before, now));
    void documentStore.flush();
  }

  /** Saves what was changed of a started plan, with the amendment that says so; it stays open where it is refused. */
  async function amend(what: string, reason: string): Promise<void> {
    const before = original.value;
    const changed = documentStore.experiment;
    if (before === null || changed === null) return;
    const amendment = { on: today(), what, reason, changes: fixedChanges(before, changed) };
    documentStore.change((now) => changePlan(now, { amendments: [...now.plan.amendments, amendment] }));
    documentStore.held = false;
    await documentStore.flush({ whole: true });
    if (documentStore.saving === 'saved') return clear();
    documentStore.held = true;
    documentStore.change((now) => changePlan(now, { amendments: before.plan.amendments }));
  }

  return {
    canUndo: computed(() => past.value.length > 0),
    amending: computed(() => original.value !== null),
    /** Started, and not being amended: the plan's fields cannot be changed. */
    frozen: computed(() => documentStore.started && original.value === null),
    edit,
    undo,
    clear,
    start,
    beginAmendment,
    resumeAmendment,
    leaveAmendment,
    amend,
  };
});
