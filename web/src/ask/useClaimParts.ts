import { computed, reactive, ref, watch } from 'vue';
import {
  closestQuestion,
  experimentFromClaim,
  experimentFromClosest,
  kindOf,
  openQuestions,
  promisedMeasures,
  questions,
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
  source: string;
  claimedMechanism: string;
}

/** A claim taken apart into its parts, which can be mended, and what of it is still open. */
export function useClaimParts(text: () => string) {
  const read = ref(text());
  const claim = computed(() => readClaim(read.value));
  const parts = reactive<ClaimParts>({
    plant: '',
    treatment: '',
    comparison: '',
    measure: '',
    direction: '',
    days: null,
    source: '',
    claimedMechanism: '',
  });

  watch(text, (now) => (read.value = now));
  watch(
    claim,
    (now) => {
      const wide = now.missing.includes('plant');
      Object.assign(parts, {
        plant: wide ? '' : (now.plant ?? ''),
        treatment: now.treatment ?? '',
        comparison: now.comparison ?? '',
        measure: now.measure?.id ?? '',
        direction: now.direction ?? '',
        days: now.days,
        source: now.who ?? '',
        claimedMechanism: '',
      });
    },
    { immediate: true },
  );

  const asked = computed(() => new Map(openQuestions(claim.value).map(({ part, ask }) => [part, ask])));
  /** What is asked for a part that is still open; null where nothing is. */
  const askFor = (part: (typeof needed)[number]) => (parts[part] === '' ? (asked.value.get(part) ?? null) : null);
  const left = computed(() => needed.filter((part) => parts[part].trim() === ''));
  const promised = computed(() => promisedMeasures.find(({ id }) => id === parts.measure));
  const closest = computed(() =>
    closestQuestion(questions, {
      plant: parts.plant || null,
      treatment: parts.treatment || null,
      measureName: promised.value?.name ?? null,
    }),
  );
  const beginning = () => ({ created: new Date().toISOString(), startOn: today(), seed: newSeed() });
  const said = () => ({ text: claim.value.text, source: parts.source.trim(), claimedMechanism: parts.claimedMechanism.trim() });

  /** The draft that tests the claim; null while a part is open. */
  function draft(): Experiment | null {
    if (!promised.value || left.value.length > 0) return null;
    const { size, alsoPromised } = claim.value;
    return experimentFromClaim(
      {
        ...said(),
        plant: parts.plant.trim(),
        treatment: parts.treatment.trim(),
        comparison: parts.comparison.trim(),
        measure: promised.value,
        direction: directionOf(parts.direction || 'different', promised.value),
        ratio: size?.ratio ?? null,
        days: parts.days,
        alsoPromised: alsoPromised.filter(({ id }) => id !== parts.measure).map(({ name }) => name),
      },
      beginning(),
    );
  }

  /** The draft that tests it by the ready-made question nearest to it. */
  function nearDraft(): Experiment | null {
    if (!closest.value) return null;
    const kept = { ...said(), plant: parts.plant, measure: promised.value ?? null, ratio: claim.value.size?.ratio ?? null };
    return experimentFromClosest(closest.value.question, kept, beginning());
  }

  return { claim, parts, left, askFor, closest, draft, nearDraft };
}

/** For a day, "sooner" is less of it: the claim's "more" means the good side. */
function directionOf(said: Direction, { measure, lessIsGood }: Promised): Direction {
  if (!kindOf(measure).timed || !lessIsGood || said === 'different') return said;
  return said === 'more' ? 'less' : 'more';
}
