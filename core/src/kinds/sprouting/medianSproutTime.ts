import { itemAt } from '../../invariant';
import { totalSprouted, type SproutCounts } from './sproutCounts';

/**
 * Days to half of the sprouts, linear between readings; null where nothing sprouted or half was there at the first reading already.
 * @param half `coolbear`: the (N + 1)/2-th sprout, Coolbear P, Francis A, Grierson D (1984) J Exp Bot 35:1609–1617;
 *   `farooq`: the N/2-th, Farooq M et al. (2005) J Integr Plant Biol 47:187–193
 */
export function medianSproutTime(sprouts: SproutCounts, half: 'coolbear' | 'farooq'): number | null {
  const total = totalSprouted(sprouts);
  if (total === 0) return null;
  const wanted = half === 'coolbear' ? (total + 1) / 2 : total / 2;
  let before = 0;
  for (let i = 0; i < sprouts.days.length; i++) {
    const now = before + itemAt(sprouts.counts, i);
    if (now >= wanted) {
      if (i === 0) return now === wanted ? itemAt(sprouts.days, 0) : null;
      const from = itemAt(sprouts.days, i - 1);
      return from + ((wanted - before) * (itemAt(sprouts.days, i) - from)) / (now - before);
    }
    before = now;
  }
  return null;
}
