/** Each key and what it does, as `?` shows them. */
export const shortcuts: readonly (readonly [string, string])[] = [
  ['g then t', 'Today'],
  ['1 … 6', 'the six steps of the open experiment'],
  ['/', 'find'],
  ['?', 'these keys'],
  ['Enter', 'on Today: start the first walk or task that is due'],
  ['digits, Enter', 'on a walk: the reading, then the next unit'],
  ['Backspace', 'on a walk, with nothing typed: the unit before'],
  ['+ − or j k', 'on a walk: one more, one less'],
  ['n · x · c · p · w · u', 'on a walk: note, lost, care, photo, went wrong, undo'],
  ['s · o · m', 'on a walk: not read, nothing there, no more plants here'],
  ['Ctrl Z', 'undo: the last change of the plan, or the last reading of a walk'],
  ['Enter, Tab, arrows', 'in the notebook: down, on, to any cell'],
  ['arrows, Home, End', 'on the bench, the trail, a row of days or buttons: along it'],
  ['Enter · b', 'on the plan’s bench: take a unit up or put it down; a barrier to its right'],
  ['@', 'in the report: a fact that stays right by itself'],
  ['Escape', 'close a dialog or a menu; in a note, back to the number'],
];
