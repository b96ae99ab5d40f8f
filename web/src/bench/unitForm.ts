/** What a unit looks like from above. */
export type Form = 'dish' | 'pot' | 'tray' | 'cell' | 'bottle' | 'glass' | 'tank' | 'towel' | 'bag' | 'plant';

const words: readonly (readonly [RegExp, Form])[] = [
  [/\b(dish|plate|saucer|lid)/i, 'dish'],
  [/\b(glass|jar|cup|cutting|vase|tube)/i, 'glass'],
  [/\bbottle/i, 'bottle'],
  [/\b(tank|tub|bucket|aquarium)/i, 'tank'],
  [/\b(tray|box|flat|half)/i, 'tray'],
  [/\b(cell|plug)/i, 'cell'],
  [/\b(towel|paper|cloth)/i, 'towel'],
  [/\b(bag|pod|sachet)/i, 'bag'],
  [/\b(plant|spot|bed|plot|row|hill|tree|seedling)/i, 'plant'],
];

/**
 * The form in which a unit is drawn, from the word that people have for it.
 * @param unitNoun in the singular
 * @returns a pot where the word tells nothing
 * @example unitForm('half tray') // 'tray'
 */
export function unitForm(unitNoun: string): Form {
  return words.find(([word]) => word.test(unitNoun))?.[1] ?? 'pot';
}
