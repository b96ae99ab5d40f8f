import { formsOf, plants } from './plants';

/** What may stand before a plant and says nothing that is done to it. */
export const BESIDE =
  /^(a|an|the|your|my|our|all|most|some|many|any|every|these|those|their|half|third|quarter|few|of|only|both|young|new|big|other|garden|indoor|outdoor|home|hot|potted|cut|fresh|freshly|house|dwarf|cherry|climbing|sweet|runner|broad|french|mung|spring|brussels|swiss|african|snake|spider|bell|kidney|fava|string|bush|venus|christmas|peace|red|white|local)$/;
const PARTS =
  /^(seeds?|plants?|seedlings?|cuttings?|bulbs?|leaves|leaf|stems?|stalks?|vines?|trees?|bushes|flowers?|blooms?|fruits?|tubers?|roots?|pods|beans?|heads?|sprouts|it|they|this|you|we|one|things?|everything|them)$/;

const plantForms: ReadonlySet<string> = new Set(plants.flatMap((plant) => formsOf(plant)).flatMap((form) => form.split(' ').at(-1) ?? []));

/** A word of a plant's name. */
export const namesPlant = (word: string): boolean => plantForms.has(word);

/** A word that names a plant or a part of one. */
export const isPlantWord = (word: string): boolean => plantForms.has(word) || PARTS.test(word);

/** What follows a plant that is no plant any more: "onion water", "banana peel". */
export const STUFF =
  /^(water|tea|peels?|skins?|juice|flour|starch|hulls?|bark|straw|extract|husks?|chaff|clippings|needles|food|feed|fertili[sz]er|shells?|eggshells?|oil|powder|compost|grounds|brew|meal|pulp|ash|syrup|vinegar|milk|stock|wine|butter|mulch|manure|dust|chips?|trimmings|wool|hay|mou?ld)$/;
