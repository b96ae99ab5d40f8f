import type { Hazard } from '../model';

interface HazardRow {
  /** As it is chosen from a list. */
  readonly label: string;
  /** What to do about it, in one or two sentences. */
  readonly caution: string;
  /** It clings to hands and tools, so it could get into the control. */
  readonly clings?: true;
}

/** Hazards of work with plants, and what to do about each. All common practice, but where a source is named. The order is that of a page. */
export const hazards: Readonly<Record<Hazard, HazardRow>> = {
  heat: {
    label: 'hot water or hot trays',
    caution: 'Hot water and hot trays: an adult pours. Wear long sleeves, and keep the cup on the table.',
  },
  blade: { label: 'blades', caution: 'Blades: cut away from your hand. An adult helps.' },
  chemical: {
    label: 'chemicals: bleach, peroxide, alcohol, acids',
    caution:
      'Chemicals: goggles, gloves, an open window, and the label first. Add the chemical to water, never water to it; never mix two.',
    clings: true,
  },
  electricity: {
    label: 'electricity near water',
    caution:
      'Electricity near water: use a residual-current device, hang every cable with a drip loop, and use lamps and pumps only as sold.',
  },
  lamp: { label: 'grow lamps', caution: 'Grow lamps: don’t stare into them. No ultraviolet lamps.' },
  dust: { label: 'dust: sandpaper, dry powder', caution: 'Dust: don’t blow it, wipe with a damp cloth and wash your hands afterwards.' },
  // Legionella longbeachae in potting compost: Royal Horticultural Society advice, from memory.
  soil: {
    label: 'soil, compost, growing mix',
    caution:
      'Soil, compost and growing mix: wear gloves, cover cuts, wash your hands. Open bags in fresh air and damp the dust down: it can carry legionella.',
  },
  manure: {
    label: 'manure, fish waste, rotting matter',
    caution: 'Manure, fish waste and rotting matter: wear gloves. Pregnant people and those with weak immunity keep away.',
    clings: true,
  },
  feed: {
    label: 'plant feed, rooting powder',
    caution: 'Plant feed and rooting powder: read the label, wear gloves and don’t breathe the powder in.',
    clings: true,
  },
  salt: { label: 'salt', caution: 'Salt water: keep it out of eyes and cuts.', clings: true },
  mould: { label: 'mould', caution: 'Mould: keep the bag closed, and throw it away closed.' },
  spray: {
    label: 'mist, or warm standing water',
    caution: 'Mist and warm standing water can carry legionella: change the water often, and don’t breathe the mist in.',
  },
  cold: {
    label: 'a refrigerator',
    caution: 'In the refrigerator, seed and mix aren’t food: give them a shelf of their own and label every bag. Never the freezer.',
  },
  'dressed-seed': {
    label: 'seed that may be treated',
    caution: 'Seed sold for sowing may be treated: don’t eat it, and wear gloves where it is coloured.',
  },
  sprouts: {
    label: 'sprouts to eat',
    caution:
      'Sprouts to eat: use seed sold for sprouting, rinse it twice a day and keep it cold once it is grown. Pregnant people and those with weak immunity don’t eat them raw.',
  },
  poisonous: {
    label: 'a plant that is poisonous in part',
    caution: 'Parts of this plant are poisonous: don’t taste any of it, wash your hands, and keep it away from small children and animals.',
  },
  tasting: {
    label: 'tasting',
    caution: 'Tasting: only what was grown as food, washed, with no treatment on it. Ask about allergies first.',
  },
  allergy: { label: 'pollen, nuts, latex', caution: 'Allergies: ask everyone about pollen, nuts and latex first.' },
  vermin: {
    label: 'scraps that draw vermin',
    caution: 'Buried scraps draw rats and dogs: use a fence and a lid of soil, and follow the local rules.',
  },
  contaminated: {
    label: 'compost that may be contaminated',
    caution: 'Compost that made plants sick isn’t spread anywhere: it goes into the bin.',
    clings: true,
  },
};

/** Hot water with any chemical gives off fumes. */
export const NEVER_HEAT = 'Never heat bleach or any other chemical, and never put it into hot water: the fumes are poisonous.';

/** The line that always stands with cautions. */
export const RULES_FIRST =
  'School safety rules, local codes and product labels come first. Ask the responsible adult or a licensed professional.';
