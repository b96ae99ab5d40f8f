import type { Arm } from '../model';

type Badged = Pick<Arm, 'code' | 'name' | 'role' | 'dose' | 'factors' | 'badge'>;

/**
 * The few characters by which a group stands in pictures, on labels and in tables: what was chosen, else its dose, its code where that
 * says what it is, or the initials of its name. No two groups have the same.
 * @param arms of the experiment
 * @param code of the group; an unknown one stands for itself
 * @example badgeOf([{ code: '6', name: '18 h in water', role: 'treatment', dose: 18, factors: {}, badge: '' }], '6') // '18'
 */
export function badgeOf(arms: readonly Badged[], code: string): string {
  const badges = new Map<string, string>();
  const taken = new Set<string>();
  const give = (arm: Badged, badge: string | undefined) => {
    if (badge === undefined || badge === '' || badges.has(arm.code) || taken.has(badge)) return;
    badges.set(arm.code, badge);
    taken.add(badge);
  };
  for (const arm of arms) give(arm, arm.badge);
  for (const arm of arms) if (arm.role === 'control') give(arm, 'C');
  for (const arm of arms) if (arm.role !== 'control' && arm.dose !== null) give(arm, String(arm.dose));
  for (const arm of arms) if (saysWhatItIs(arm)) give(arm, arm.code);
  for (const arm of arms)
    give(
      arm,
      initials(arm.name).find((badge) => !taken.has(badge)),
    );
  for (const arm of arms) give(arm, numbered(arm, taken));
  return badges.get(code) ?? code;
}

const wordsOf = (name: string) => name.split(/[^\p{L}\p{N}]+/u).filter((word) => word !== '');

const saysWhatItIs = ({ code, name, factors }: Badged) =>
  Object.keys(factors).length > 0 || wordsOf(name).some((word) => word.toLowerCase().startsWith(code.toLowerCase()));

/** Words that say nothing of a group by themselves. */
const joining = new Set([
  'a',
  'an',
  'and',
  'as',
  'at',
  'by',
  'for',
  'from',
  'in',
  'into',
  'it',
  'of',
  'on',
  'plus',
  'the',
  'then',
  'to',
  'with',
]);

function initials(name: string): string[] {
  const all = wordsOf(name);
  const telling = all.filter((word) => !joining.has(word.toLowerCase()));
  const words = telling.length > 0 ? telling : all;
  const first = (word = '') => word.slice(0, 1).toUpperCase();
  return [first(words[0]), `${first(words[0])}${first(words[1])}`, ...words.slice(1).map(first)].filter((badge) => badge !== '');
}

function numbered({ name }: Badged, taken: ReadonlySet<string>): string {
  const letter = initials(name)[0] ?? '?';
  for (let i = 2; ; i++) if (!taken.has(`${letter}${i}`)) return `${letter}${i}`;
}
