import { expect, it } from 'vitest';
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
    plant: spoken.plant === null ? read.plant === null : has(read.plant, spoken.plant),
    treatment: has(read.treatment, spoken.treatment) && words(read.treatment ?? '') <= words(spoken.treatment) + MOST_BESIDE,
    direction: read.direction === spoken.direction,
    measure: (read.measure?.id ?? null) === spoken.measure,
    ratio: spoken.ratio === null || size === null ? spoken.ratio === size : Math.abs(size - spoken.ratio) < 0.02,
  };
}

const found = spokenClaims.map((spoken) => isRead(readClaim(spoken.claim), spoken));
const shareOf = (part: SpokenPart) => found.filter((own) => own[part]).length / found.length;

it('fifty claims as people say them are read as a person would, by part; no part is read worse than it was', () => {
  const shares = Object.fromEntries(parts.map((part) => [part, shareOf(part)]));
  const floors: Readonly<Record<SpokenPart, number>> = { plant: 0.88, treatment: 0.56, direction: 0.74, measure: 0.78, ratio: 0.94 };
  const fallen = parts.filter((part) => shares[part] < floors[part] - 1e-9);
  expect(fallen, JSON.stringify(shares)).toEqual([]);
  const all = parts.reduce((sum, part) => sum + shares[part], 0) / parts.length;
  expect(all, JSON.stringify(shares)).toBeGreaterThan(0.77);
});

it('each of them is a claim of its own', () => {
  expect(new Set(spokenClaims.map(({ claim }) => claim)).size).toBe(50);
});
