import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { StudyRecord } from '@fern/contract';
import { api, wordsFor } from './api';
import { useDocument } from './document';
import { useHistory } from './history';
import { useLog } from './log';

/** Opens an experiment: one answer holds the document, its version and what was logged. */
export const useOpening = defineStore('opening', () => {
  const document = useDocument();
  const history = useHistory();
  const log = useLog();
  const error = ref<string | null>(null);
  let wanted = '';

  async function open(id: string): Promise<void> {
    if (wanted === id && document.experiment !== null && error.value === null) return;
    await document.flush();
    await load(id);
  }

  async function load(id: string): Promise<void> {
    wanted = id;
    error.value = null;
    document.take(id, 0, null);
    history.clear();
    log.take();
    try {
      const { version, experiment, ...logged } = await api.get<StudyRecord>(`/experiments/${id}/study`);
      if (wanted !== id) return;
      log.take(logged);
      document.take(id, version, experiment);
    } catch (problem) {
      if (wanted === id) error.value = wordsFor(problem);
    }
  }

  return { error, open, reload: () => load(wanted) };
});
