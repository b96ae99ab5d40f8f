import { ref } from 'vue';
import { wordsFor } from './api';

/** Something that a person sets off and that can fail: whether it is under way, and what went wrong, in words. */
export function useAttempt() {
  const busy = ref(false);
  const error = ref<string | null>(null);

  /** Runs it; where it fails the words stand in `error` and nothing is thrown. */
  async function attempt(work: () => Promise<unknown>): Promise<void> {
    busy.value = true;
    error.value = null;
    try {
      await work();
    } catch (problem) {
      error.value = wordsFor(problem);
    } finally {
      busy.value = false;
    }
  }

  return { busy, error, attempt };
}
