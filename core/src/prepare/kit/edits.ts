import type { Experiment, KitNeeds } from '../../model';

/** Changes what the kit is worked out from. */
export function changeKit(experiment: Experiment, more: Partial<KitNeeds>): Experiment {
  return { ...experiment, plan: { ...experiment.plan, kit: { ...experiment.plan.kit, ...more } } };
}

/**
 * Ticks an item off, or takes the tick away.
 * @param id of the line
 */
export function toggleTick(experiment: Experiment, id: string): Experiment {
  const { ticked } = experiment.plan.kit;
  return changeKit(experiment, { ticked: ticked.includes(id) ? ticked.filter((own) => own !== id) : [...ticked, id] });
}

/**
 * Says what one, a litre or a kilogram of an item costs.
 * @param id of the line
 * @param price null takes it away
 */
export function setPrice(experiment: Experiment, id: string, price: number | null): Experiment {
  const others = experiment.plan.kit.prices.filter(({ item }) => item !== id);
  return changeKit(experiment, { prices: price === null ? others : [...others, { item: id, price }] });
}

/**
 * Adds a line of one's own.
 * @param line in words
 */
export function addToKit(experiment: Experiment, line: string): Experiment {
  const { plan } = experiment;
  return line.trim() === '' ? experiment : { ...experiment, plan: { ...plan, materials: [...plan.materials, line.trim()] } };
}
