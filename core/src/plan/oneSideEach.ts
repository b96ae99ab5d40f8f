import { blankOf, shelfFields, type Experiment } from '../model';

/**
 * Puts each arm on a side of its own, for places that cannot be shuffled: a bed cut in half, the two sides of a board.
 * @returns the plan after the edit; the places are then fixed
 */
export function oneSideEach(experiment: Experiment): Experiment {
  const sides = experiment.arms
    .map(({ code: arm }) => experiment.units.filter((unit) => unit.arm === arm))
    .filter((units) => units.length > 0);
  const rows = Math.max(1, Math.ceil(Math.sqrt(Math.max(...sides.map(({ length }) => length)) / 2)));
  let before = 0;
  const placed = new Map<string, { row: number; column: number }>();
  for (const units of sides) {
    const first = before;
    units.forEach(({ code: unit }, i) => placed.set(unit, { row: 1 + (i % rows), column: first + 1 + Math.floor(i / rows) }));
    before = first + Math.ceil(units.length / rows);
  }
  const [shelf] = experiment.plan.bench;
  return {
    ...experiment,
    units: experiment.units.map((unit) => ({ ...unit, ...placed.get(unit.code) })),
    plan: {
      ...experiment.plan,
      bench: [{ ...(shelf ?? { ...blankOf(shelfFields), name: 'Bench' }), rows, columns: before }],
      barriers: [],
      fixedPlaces: true,
      randomisationSeed: null,
    },
  };
}
