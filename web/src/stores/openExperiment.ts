import { defineStore } from 'pinia';
import { ref } from 'vue';
import type { PackedStudyRecord } from '@fern/contract';
import { unitData, unpackColumns, walksOfStudy, type Observation } from '@fern/core';
import { api, wordsFor } from './api';
import { useDocument } from './document';
import { useHistory } from './history';
import { useLog } from './log';
import { pause } from './pause';
import { today } from './today';

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
      const { version, experiment, observations, ...logged } = await api.get<PackedStudyRecord>(`/experiments/${id}/study?as=columns`);
      if (wanted !== id) return;
      // In steps, so that the page answers between them: the readings, what pages ask of them, and only then the pages.
      const study = { ...logged, experiment, observations: unpackColumns<Observation>(observations) };
      await pause();
      walksOfStudy(study, today());
      await pause();
      experiment.measures.filter(({ primary }) => primary).forEach((measure) => unitData(study, measure));
      await pause();
      if (wanted !== id) return;
      log.take(study);
      document.take(id, version, experiment);
    } catch (problem) {
      if (wanted === id) error.value = wordsFor(problem);
    }
  }

  return { error, open, reload: () => load(wanted) };
});
