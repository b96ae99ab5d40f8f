import { expect, it } from 'vitest';
import { questions } from './questions/index';
import { questionsFor, requirementsOf } from './requirements';

const named = (id: string) => {
  const found = questions.find((question) => question.id === id);
  if (!found) throw new Error(`There is no question ${id}.`);
  return found;
};

it('says weeks, minutes of the longest walk, units, and what not everybody has', () => {
  const sprouting = named('any-sprouting');
  expect(requirementsOf(sprouting)).toMatchObject({ weeks: 1, units: sprouting.arms.length * sprouting.unitsPerArm, needs: ['lamp'] });
  expect(requirementsOf(named('hard-coat')).needs).toEqual(['windowsill']);
  expect(requirementsOf(named('cold-wet-start')).needs).toEqual(['refrigerator']);
  // Two trays a week, not all sixteen.
  expect(requirementsOf(named('music-or-speech')).minutes).toBeLessThan(requirementsOf(named('kitchen-tonic')).minutes);
  expect(requirementsOf(named('moon-or-date')).weeks).toBeGreaterThan(30);
  expect(requirementsOf(named('buried-bags')).needs).toEqual(['bed']);
  expect(requirementsOf(named('air-or-none')).needs).toEqual(['lamp', 'tank']);
  for (const question of questions) {
    const { weeks, minutes, units } = requirementsOf(question);
    expect(
      [weeks, minutes, units].every((value) => Number.isInteger(value) && value >= 1),
      question.id,
    ).toBe(true);
  }
});

it('keeps what fits what there is, in the weeks there are', () => {
  const ids = (own: Parameters<typeof questionsFor>[1], weeks: number | null) => questionsFor(questions, own, weeks).map(({ id }) => id);
  expect(ids([], null)).toHaveLength(questions.length);
  const sill = ids(['windowsill'], null);
  expect(sill).toContain('what-seeds-need');
  expect(sill).not.toContain('air-or-none');
  expect(ids(['lamp', 'tank'], null)).toContain('air-or-none');
  expect(ids(['lamp', 'tank'], 3)).not.toContain('air-or-none');
  expect(ids(['lamp'], 2)).toContain('lamp-height');
  expect(ids([], 2).every((id) => requirementsOf(named(id)).weeks <= 2)).toBe(true);
});
