import type { RubricStep } from '@fern/core';
import type { WalkState } from './useWalk';

/** What is opened besides the number: a note, a loss, care, a photo, what went wrong, how many were sown. */
export type WalkPanel = 'note' | 'lost' | 'care' | 'wrong' | 'sown' | 'photo';

/**
 * Keys of a walk: letters are keys, so that a hand stays on the digits. One place handles each press; where steps can be chosen a digit
 * chooses and Enter goes on.
 * @returns whether the key was one of the walk's
 */
export function pressWalkKey(
  event: KeyboardEvent,
  walk: WalkState,
  choices: readonly RubricStep[],
  open: (panel: WalkPanel) => void,
): boolean {
  const target = event.target as HTMLElement;
  if (event.ctrlKey || event.metaKey || event.altKey) return false;
  // A focused button does what it says, by the browser's own hand.
  if (target.closest('button, a') && (event.key === 'Enter' || event.key === ' ')) return false;
  if (target.closest('[data-note]')) {
    if (event.key !== 'Enter') return false;
    walk.take(walk.asked.value.length > 0);
    return true;
  }
  const chosen = choices.find(({ value }) => String(value) === event.key);
  if (chosen) {
    walk.typed.value = event.key;
    return true;
  }
  const acts: Readonly<Record<string, () => void>> = {
    Enter: () => walk.take(walk.asked.value.length > 0),
    '+': () => walk.tally(1),
    k: () => walk.tally(1),
    '-': () => walk.tally(-1),
    j: () => walk.tally(-1),
    n: () => open('note'),
    o: () => walk.takeAbsent('nothing-there'),
    m: () => walk.noMore(),
    s: () => walk.takeAbsent('not-read'),
    x: () => open('lost'),
    c: () => open('care'),
    w: () => open('wrong'),
    p: () => open('photo'),
    u: () => walk.undo(),
  };
  if (event.key === 'Backspace' && (walk.typed.value === '' || choices.length > 0)) {
    walk.goTo(walk.at.value - 1);
    return true;
  }
  const act = Object.hasOwn(acts, event.key) ? acts[event.key] : undefined;
  act?.();
  return act !== undefined;
}
