import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { changePlan, fixedChanges, restorePlan, startOn, wordsFollow, type Experiment } from '@fern/core';
import { useDocument } from './document';
import { today } from './today';

const MOST = 50;

/** Edits of the plan and the way back. Only these are undone: never a lost unit, a start, or the writer's words. */
export const useHistory = defineStore('history', () => {
  const document = useDocument();
  const past = shallowRef<readonly Experiment[]>([]);
  /** The plan as it was before an amendment was begun; null while none is. */
  const original = shallowRef<Experiment | null>(null);

  /** Changes the plan at once, with the texts that follow from it; it can be undone. */
  function edit(change: (now: Experiment) => Experiment): void {
    const before = document.experiment;
    document.change((now) => {
      const next = change(now);
      return next === now ? now : wordsFollow(now, next);
    });
    if (before !== null && document.experiment !== before) past.value = [...past.value, before].slice(-MOST);
  }

  function undo(): void {
    const before = past.value.at(-1);
    if (!before) return;
    past.value = past.value.slice(0, -1);
    document.change((now) => restorePlan(before, now));
  }

  function clear(): void {
    past.value = [];
    original.value = null;
  }

  /** Freezes the plan and saves it; from then on nothing before it can be undone. */
  async function start(day: string): Promise<void> {
    document.change((now) => startOn(now, day, today()));
    clear();
    await document.flush();
  }

  /** From here on a started plan can be changed; nothing is saved until the amendment says what and why. */
  function beginAmendment(): void {
    original.value = document.experiment;
    past.value = [];
    document.held = true;
  }

  /** Leaves the plan as it was before the amendment was begun. */
  function leaveAmendment(): void {
    const before = original.value;
    if (before) document.change((now) => restorePlan(before, now));
    clear();
    document.held = false;
    void document.flush();
  }

  /** Saves what was changed of a started plan, with the amendment that says so; it stays open where it is refused. */
  async function amend(what: string, reason: string): Promise<void> {
    const before = original.value;
    const changed = document.experiment;
    if (before === null || changed === null) return;
    const amendment = { on: today(), what, reason, changes: fixedChanges(before, changed) };
    document.change((now) => changePlan(now, { amendments: [...now.plan.amendments, amendment] }));
    document.held = false;
    await document.flush();
    if (document.saving === 'saved') return clear();
    document.held = true;
    document.change((now) => changePlan(now, { amendments: before.plan.amendments }));
  }

  return {
    canUndo: computed(() => past.value.length > 0),
    amending: computed(() => original.value !== null),
    /** Started, and not being amended: the plan's fields cannot be changed. */
    frozen: computed(() => document.started && original.value === null),
    edit,
    undo,
    clear,
    start,
    beginAmendment,
    leaveAmendment,
    amend,
  };
});
