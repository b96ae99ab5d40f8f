import { itemAt } from '@fern/core';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { ExperimentRecord, LoggedNews } from '@fern/contract';
import type { Care, Incident, Photo, Study } from '@fern/core';
import { api } from './api';
import { useDocument } from './document';
import { useOutbox } from './outbox';
import { withLogged } from './overlay';
import type { SownState, UnitState } from './pendingSync';

const nothing: Omit<Study, 'experiment'> = { observations: [], incidents: [], care: [], photos: [] };

/** What was logged of the open experiment. What waits to be sent is in the outbox alone, and is shown with the rest. */
export const useLog = defineStore('log', () => {
  const documentStore = useDocument();
  const outbox = useOutbox();
  const logged = shallowRef(nothing);

  function take({ observations, incidents, care, photos }: Omit<Study, 'experiment'> = nothing): void {
    logged.value = { observations, incidents, care, photos };
  }

  // The server counts a unit's state as a change of the document: what was typed there goes first.
  outbox.beforeSending(async (item) => {
    if ((item.kind === 'unit' || item.kind === 'sown') && item.experiment === documentStore.id) await documentStore.flush();
  });
  outbox.whenSent((items, reply) => {
    const { experiment, kind } = itemAt(items, 0);
    const current = study.value;
    if (experiment !== documentStore.id || !current) return;
    if (kind === 'unit' || kind === 'sown') documentStore.adopt(reply as ExperimentRecord);
    else take(withLogged({ ...logged.value, experiment: current.experiment }, items));
  });

  /** What others logged meanwhile; what is here already is there once. */
  function receive(items: readonly LoggedNews[]): void {
    const { experiment } = documentStore;
    if (experiment !== null) take(withLogged({ ...logged.value, experiment }, items));
  }

  /** The experiment with everything logged; null while none is open. */
  const study = computed<Study | null>(() => {
    const { experiment, id } = documentStore;
    return experiment === null ? null : withLogged({ ...logged.value, experiment }, outbox.of(id));
  });

  /** Takes the picture of a withdrawn photo away for good, once the server knows that it is withdrawn. */
  async function removePicture(file: string): Promise<void> {
    await outbox.send();
    await api.delete(`/experiments/${documentStore.id}/photos/${file}`);
  }

  return {
    study,
    take,
    receive,
    setUnit: (state: UnitState) => outbox.add(documentStore.id, { kind: 'unit', content: state }),
    setSown: (state: SownState) => outbox.add(documentStore.id, { kind: 'sown', content: state }),
    addCare: (care: Care) => outbox.add(documentStore.id, { kind: 'care', content: care }),
    /** @param picture of a new photo; null where one is mended */
    addPhoto: (photo: Photo, picture: ArrayBuffer | null) => outbox.add(documentStore.id, { kind: 'photo', content: photo, picture }),
    removePicture,
    addIncident: (incident: Incident) => outbox.add(documentStore.id, { kind: 'incident', content: incident }),
  };
});
