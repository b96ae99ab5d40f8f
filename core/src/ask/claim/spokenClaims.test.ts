import { entryOf, itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { laterClaims } from './laterClaims.fixture';
import { readClaim, type ReadClaim } from './readClaim';
import { spokenClaims, type Spoken } from './spokenClaims.fixture';

const parts = ['plant', 'treatment', 'direction', 'measure', 'ratio'] as const;
type SpokenPart = (typeof parts)[number];

/** More words than these beside what is done are hearsay, or another part of the sentence. */
const MOST_BESIDE = 5;
const words = (text: string) => text.split(' ').length;

function isRead(read: ReadClaim, spoken: Spoken): Readonly<Record<SpokenPart, boolean>> {
  const has = (found: string | null, wanted: string) => (found ?? '').toLowerCase().includes(wanted);
  const size = read.size?.ratio ?? null;
  return {
    plant: spoken.plant === null ? read.missing.includes('plant') : has(read.plant, spoken.plant),
    treatment: has(read.treatment, spoken.treatment) && words(read.treatment ?? '') <= words(spoken.treatment) + MOST_BESIDE,
    direction: read.direction === spoken.direction,
    measure: (read.measure?.id ?? null) === spoken.measure,
    ratio: spoken.ratio === null || size === null ? spoken.ratio === size : Math.abs(size - spoken.ratio) < 0.02,
  };
}

describe.each([
  ['fifty claims written before their reader', spokenClaims, 50, { plant: 1, treatment: 0.98, direction: 0.96, measure: 0.98, ratio: 1 }],
  ['the claims written after it', laterClaims, 305, { plant: 1, treatment: 0.99, direction: 0.98, measure: 0.98, ratio: 1 }],
] as const)('%s', (_, claims, many, floors) => {
  it('are read as a person would, by part; no part is read worse than it was', () => {
    const found = claims.map((spoken) => isRead(readClaim(spoken.claim), spoken));
    const shares = Object.fromEntries(parts.map((part) => [part, found.filter((own) => own[part]).length / found.length]));
    const wrong = claims.flatMap(({ claim }, i) => parts.filter((part) => !itemAt(found, i)[part]).map((part) => `${part}: ${claim}`));
    expect(
      parts.filter((part) => entryOf(shares, part) < floors[part] - 1e-9),
      `${JSON.stringify(shares)}\n${wrong.join('\n')}`,
    ).toEqual([]);
  });

  it('are each a claim of its own', () => {
    expect(new Set(claims.map(({ claim }) => claim)).size).toBe(many);
  });
});
