import type { RubricStep } from '@fern/core';
import type { RecordingRound } from './useRound';

/** What is opened besides the number: a note, a loss, care, a photo, what went wrong, how many were sown. */
export type RecordPanel = 'note' | ItemPanel;

/** What opens as a dialog about the unit. */
export type ItemPanel = 'lost' | 'care' | 'wrong' | 'sown' | 'photo';

interface Hand {
  readonly round: RecordingRound;
  /** Steps that a digit chooses; none where a number is typed. */
  readonly choices: readonly RubricStep[];
  /** Whether + and − are one more and one less; elsewhere they are signs of a number. */
  readonly tallies: boolean;
  readonly open: (panel: RecordPanel) => void;
  /** Puts the next key into the number. */
  readonly focus: () => void;
}

/**
 * Keys of a round, wherever the focus is: letters are keys, so that a hand stays on the digits. What stands in a dialog, a note or another
 * field is typed there, and a button that was reached by keyboard is pressed by Enter, as everywhere.
 * @returns whether the key was one of the round's, and the browser has nothing to do with it any more
 */
export function pressRecordKey(event: KeyboardEvent, { round, choices, tallies, open, focus }: Hand): boolean {
  const target = event.target as HTMLElement;
  if (event.altKey || target.closest('.ant-modal-root')) return false;
  if (target.closest('[data-note]')) return pressInNote(event, round, focus);
  if (event.ctrlKey || event.metaKey) {
    if (event.key === 'z') round.undo();
    return event.key === 'z';
  }
  const isField = target.closest('[data-reading]') !== null;
  if (!isField && target.closest('input, textarea, select')) return false;
  const pressesItself = target.closest('button:not([data-tally]), a, summary, [role="button"]') !== null;
  if (pressesItself && (event.key === 'Enter' || event.key === ' ')) return false;
  if (choices.some(({ value }) => String(value) === event.key)) {
    round.field.typed.value = event.key;
    return true;
  }
  // The browser puts the digit where the focus is by then.
  if (!isField && /^[\d.,−-]$/.test(event.key) && !(tallies && /^[−-]$/.test(event.key))) {
    focus();
    return false;
  }
  const tally: Readonly<Record<string, () => void>> = {
    '+': () => round.field.tally(1),
    k: () => round.field.tally(1),
    '-': () => round.field.tally(-1),
    '−': () => round.field.tally(-1),
    j: () => round.field.tally(-1),
  };
  const acts: Readonly<Record<string, () => void>> = {
    ...(tallies ? tally : {}),
    Enter: () => round.take(round.field.asked.value.length > 0),
    n: () => open('note'),
    o: () => round.takeAbsent('nothing-there'),
    m: () => round.noMore(),
    s: () => round.takeAbsent('not-read'),
    x: () => open('lost'),
    c: () => open('care'),
    w: () => open('wrong'),
    p: () => open('photo'),
    u: () => round.undo(),
  };
  if (event.key === 'Backspace' && (round.field.typed.value === '' || choices.length > 0)) {
    round.position.goTo(round.position.at.value - 1);
    return true;
  }
  const act = Object.hasOwn(acts, event.key) ? acts[event.key] : undefined;
  act?.();
  return act !== undefined;
}

/** In a note letters are letters; Enter takes it with the reading, Escape goes back to the number. */
function pressInNote({ key, ctrlKey, metaKey }: KeyboardEvent, round: RecordingRound, focus: () => void): boolean {
  if (ctrlKey || metaKey) return false;
  if (key === 'Enter') round.take(round.field.asked.value.length > 0);
  else if (key === 'Escape') focus();
  return key === 'Enter' || key === 'Escape';
}
