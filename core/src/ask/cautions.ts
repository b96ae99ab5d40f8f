/** Plain cautions for the steps that can hurt someone (common practice). The line on school rules and labels stands with them on every page. */
export const cautions = {
  boiling: 'Boiling water and hot trays: an adult pours.',
  blades: 'Blades and clippers: cut away from the hand, an adult helps.',
  chemicals: 'Peroxide, alcohol, acids, bleach: eye protection, gloves, open air. Add to water, never mix chemicals, follow the label.',
  electricity: 'Electricity near water: residual-current protection, drip loops in every cable, lamps and pumps only as sold.',
  lamps: 'Grow lamps: do not stare into them. No ultraviolet lamps.',
  soil: 'Soil, compost, manure, rotting matter: gloves, open air, damp it down, wash hands, cover cuts. Pregnant people and those with weak immunity keep away from manure and fish waste.',
  mould: 'Moulds: keep the bags closed.',
  dressedSeed: 'Seeds sold for sowing may be dressed: not for eating or bare hands. Some beans are poisonous raw.',
  tasting: 'Tasting: only what was grown as food, washed, with no treatment on it. Ask about allergies first.',
  allergies: 'Allergies: pollen, nuts, latex.',
  vermin: 'Buried scraps draw vermin and dogs: a fence, a lid of soil, and the local rules.',
  contaminated: 'Compost that made plants sick is not spread anywhere.',
  salt: 'Salt water: keep it out of eyes and cuts.',
} as const;
