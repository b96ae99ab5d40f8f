import { addDays, anySprouting, experimentFrom } from '@fern/core';

/** Prints a test of 26 dishes that started three days ago: 52 readings are due today. */
const now = new Date();
const today = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
const startedOn = addDays(today, -3);
const draft = experimentFrom(anySprouting, { created: startedOn, startOn: startedOn, seed: 4 });
const units = Array.from({ length: 26 }, (_, i) => ({
  ...draft.units[0],
  code: `D${String(i + 1).padStart(2, '0')}`,
  arm: draft.arms[i % 2].code,
  row: 1 + Math.floor(i / 7),
  column: 1 + (i % 7),
}));
console.log(JSON.stringify({ ...draft, title: 'Salt in the cellar', units, startedOn, plan: { ...draft.plan, lockedOn: startedOn } }));
