import { tupleOf } from '../invariant';
import { expect, it } from 'vitest';
import { addDays } from '../model';
import { replicates } from '../study/replicates';
import { experimentFrom } from './experimentFrom';
import { hoursOfLight } from './questions/hoursOfLight';
import { lampHeight } from './questions/lampHeight';
import { moonOrDate } from './questions/moonOrDate';
import { musicOrSpeech } from './questions/musicOrSpeech';
import { treatingSolution } from './questions/treatingSolution';
import { sharedAsKept, sharedWords, powerSentence } from '../words/ask/questionWords';

const begin = { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 7 };

it('a week of each batch after the other; both rooms of a pair on one day', () => {
  const { units } = experimentFrom(musicOrSpeech, begin);
  const days = [...new Set(units.map(({ block }) => block))].map((block) => [
    ...new Set(units.filter((unit) => unit.block === block).map(({ startedOn }) => startedOn)),
  ]);
  expect(days).toEqual(Array.from({ length: 8 }, (_, i) => [addDays('2026-04-01', 7 * i)]));
});

it('of a pair of moons each comes first in turn', () => {
  const { units } = experimentFrom(moonOrDate, begin);
  const firsts = [...new Set(units.map(({ block }) => block))].map((block) => {
    const [one, other] = tupleOf(
      units.filter((unit) => unit.block === block).sort((a, b) => (a.startedOn ?? '').localeCompare(b.startedOn ?? '')),
      2,
    );
    expect(one.startedOn).not.toBe(other.startedOn);
    return one.arm;
  });
  expect(firsts).toEqual(['C', 'W', 'C', 'W', 'C', 'W', 'C', 'W']);
});

it('a lamp over each block holds every arm, so the tray counts; lamps of one arm alone would count themselves', () => {
  const experiment = experimentFrom(hoursOfLight, begin);
  expect([...new Set(experiment.units.map(({ container }) => container))]).toEqual(['lamp A', 'lamp B', 'lamp C']);
  expect(replicates(experiment)).toHaveLength(36);
  const own = experimentFrom({ ...hoursOfLight, shares: [{ what: 'lamp', by: 'arm', many: 2 }] }, begin);
  expect(replicates(own)).toHaveLength(6);
});

it('blocks that are more than places have their own names', () => {
  expect([...new Set(experimentFrom(treatingSolution, begin).units.map(({ block }) => block))]).toEqual(['first kind', 'second kind']);
});

it('what is shared stands with what is kept the same, and on the card in words', () => {
  expect(experimentFrom(lampHeight, begin).plan.kept).toContainEqual(sharedAsKept({ what: 'lamp', by: 'block' }));
  expect(sharedWords(lampHeight)).toBe('One lamp a block, each tray by itself.');
  expect(
    sharedWords({
      ...lampHeight,
      shares: [
        { what: 'tank', by: 'arm', many: 3 },
        { what: 'room', by: 'all' },
      ],
    }),
  ).toBe('3 tanks per group, one room for all.');
  expect(powerSentence(lampHeight)).toBe('Sees a difference of 12 g in 9 of 10 runs.');
  expect(powerSentence({ ...lampHeight, chance: 0.5, unsure: 'Twelve trays see only what is large.' })).toBe(
    'Sees a difference of 12 g in 5 of 10 runs. Twelve trays see only what is large.',
  );
});
