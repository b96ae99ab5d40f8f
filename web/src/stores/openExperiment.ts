import { defineStore } from 'pinia';
import { ref } from 'vue';
import { unitData, unpackColumns, roundsOfStudy, type Observation } from '@fern/core';
import { CallError, wordsFor } from './api';
import { useDocument } from './document';
import { storedDrafts } from './drafts';
import { useHistory } from './history';
import { useServerEvents } from './serverEvents';
import { useLog } from './log';
import { useOutbox } from './outbox';
import { withLogged } from './overlay';
import { pause } from './pause';
import { useSession } from './session';
import { fetchStudy, keptStudy } from './studies';
import { today } from './today';

/** Opens an experiment: one answer holds the document, its version and what was logged. */
export const useOpening = defineStore('opening', () => {
  const documentStore = useDocument();
  const history = useHistory();
  const log = useLog();
  const session = useSession();
  const outbox = useOutbox();
  const error = ref<string | null>(null);
  let wanted = '';

  async function open(id: string): Promise<void> {
    if (wanted === id && documentStore.experiment !== null && error.value === null) return;
    await documentStore.flush();
    await load(id);
  }

  async function load(id: string): Promise<void> {
    wanted = id;
    error.value = null;
    documentStore.take(id, 0, null);
    history.clear();
    log.take();
    try {
      const { packed, since } = await find(id);
      if (wanted !== id) return;
      const { version, observations, ...logged } = packed;
      // In steps, so that the page answers between them: the readings, what pages ask of them, and only then the pages.
      const study = withLogged({ ...logged, observations: unpackColumns<Observation>(observations) }, since);
      const { experiment } = study;
      await pause();
      roundsOfStudy(study, today());
      await pause();
      experiment.measures.filter(({ primary }) => primary).forEach((measure) => unitData(study, measure));
      await pause();
      const drafts = await storedDrafts(session.account?.id ?? '', id).catch(() => []);
      if (wanted !== id) return;
      log.take(study);
      documentStore.take(id, version, experiment);
      documentStore.resume(drafts);
      if (documentStore.held) history.resumeAmendment(experiment);
    } catch (problem) {
      if (wanted === id) error.value = wordsFor(problem);
    }
  }

  /** From the server, or without a network as this browser has kept it. */
  async function find(id: string) {
    const account = session.account?.id ?? '';
    try {
      // What another page has just typed is in it.
      if (outbox.of(id).length > 0) await outbox.send();
      return { packed: await fetchStudy(account, id), since: [] };
    } catch (problem) {
      const before = problem instanceof CallError && problem.offline ? await keptStudy(account, id) : null;
      if (before === null) throw problem;
      return before;
    }
  }

  /** Takes in what was logged since, under the page as it stands; without a network nothing changes. */
  async function refresh(): Promise<void> {
    const id = wanted;
    try {
      const { version, observations, experiment, ...logged } = await fetchStudy(session.account?.id ?? '', id);
      if (id !== wanted || documentStore.experiment === null) return;
      log.take({ ...logged, observations: unpackColumns<Observation>(observations) });
      if (documentStore.adopts && version > documentStore.version) documentStore.adopt({ id, version, experiment });
    } catch (problem) {
      if (!(problem instanceof CallError)) throw problem;
    }
  }
  useServerEvents(refresh);

  /** Opens it anew as the server has it; what stood here and met a change of someone else’s is let go. */
  async function reload(): Promise<void> {
    if (documentStore.saving === 'conflict') await documentStore.discard();
    await load(wanted);
  }

  return { error, open, reload, refresh };
});
