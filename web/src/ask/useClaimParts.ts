import { computed, reactive, ref, watch } from 'vue';
import {
  experimentFromClaim,
  kindOf,
  openQuestions,
  promisedMeasures,
  readClaim,
  type Direction,
  type Experiment,
  type Promised,
} from '@fern/core';
import { newSeed } from '../stores/newSeed';
import { today } from '../stores/today';

const needed = ['plant', 'treatment', 'comparison', 'measure', 'direction'] as const;

/** The parts of a claim as they stand in their fields; empty while open. */
interface ClaimParts {
  plant: string;
  treatment: string;
  comparison: string;
  measure: string;
  direction: Direction | '';
  days: number | null;
}

/** A claim taken apart into its parts, which can be mended, and what of it is still open. */
export function useClaimParts() {
  const read = ref('');
  const claim = computed(() => (read.value.trim() === '' ? null : readClaim(read.value)));
  const parts = reactive<ClaimParts>({ plant: '', treatment: '', comparison: '', measure: '', direction: '', days: null });

  watch(claim, (now) => {
    if (!now) return;
    const wide = now.missing.includes('plant');
    Object.assign(parts, {
      plant: wide ? '' : (now.plant ?? ''),
      treatment: now.treatment ?? '',
      comparison: now.comparison ?? '',
      measure: now.measure?.id ?? '',
      direction: now.direction ?? '',
      days: now.days,
    });
  });

  const asked = computed(() => new Map((claim.value ? openQuestions(claim.value) : []).map(({ part, ask }) => [part, ask])));
  /** What is asked for a part that is still open; null where nothing is. */
  const askFor = (part: (typeof needed)[number]) => (parts[part] === '' ? (asked.value.get(part) ?? null) : null);
  const left = computed(() => needed.filter((part) => parts[part].trim() === ''));
  const promised = computed(() => promisedMeasures.find(({ id }) => id === parts.measure));

  /** The draft that tests the claim; null while a part is open. */
  function draft(): Experiment | null {
    if (!claim.value || !promised.value || left.value.length > 0) return null;
    const { text, size, alsoPromised } = claim.value;
    return experimentFromClaim(
      {
        text,
        plant: parts.plant.trim(),
        treatment: parts.treatment.trim(),
        comparison: parts.comparison.trim(),
        measure: promised.value,
        measureName: promised.value.name,
        direction: directionOf(parts.direction || 'different', promised.value),
        sizeWords: size?.words ?? null,
        ratio: size?.ratio ?? null,
        days: parts.days,
        alsoPromised: alsoPromised.filter(({ id }) => id !== parts.measure).map(({ name }) => name),
      },
      { created: new Date().toISOString(), startOn: today(), seed: newSeed() },
    );
  }

  return { read, claim, parts, left, askFor, draft };
}

/** For a day, "sooner" is less of it: the claim's "more" means the good side. */
function directionOf(said: Direction, { measure }: Promised): Direction {
  if (!kindOf(measure).timed || said === 'different') return said;
  return said === 'more' ? 'less' : 'more';
}
