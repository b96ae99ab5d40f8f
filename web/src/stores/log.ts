import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { ExperimentRecord } from '@fern/contract';
import { addReadings, type Happening, type Study, type Unit } from '@fern/core';
import { api } from './api';
import { useDocument } from './document';
import { useOutbox } from './outbox';

const nothing: Omit<Study, 'experiment'> = { observations: [], happenings: [], care: [] };

/** What was logged of the open experiment. Readings that wait to be sent are in the outbox alone, and are shown with the others. */
export const useLog = defineStore('log', () => {
  const document = useDocument();
  const outbox = useOutbox();
  const logged = shallowRef(nothing);

  function take({ observations, happenings, care }: Omit<Study, 'experiment'> = nothing): void {
    logged.value = { observations, happenings, care };
  }

  outbox.whenSent((experiment, readings) => {
    const current = study.value;
    if (experiment !== document.id || !current) return;
    logged.value = addReadings({ ...logged.value, experiment: current.experiment }, readings);
  });

  /** The experiment with everything logged; null while none is open. */
  const study = computed<Study | null>(() => {
    const { experiment, id } = document;
    return experiment === null ? null : addReadings({ ...logged.value, experiment }, outbox.of(id));
  });

  async function setUnitStatus(unit: string, status: Unit['status'], statusReason: string | null): Promise<void> {
    await document.flush();
    const path = `/experiments/${document.id}/units/${encodeURIComponent(unit)}`;
    document.adopt(await api.patch<ExperimentRecord>(path, { status, statusReason }));
  }

  async function addHappening(happening: Happening): Promise<void> {
    await api.post(`/experiments/${document.id}/happenings`, happening);
    logged.value = { ...logged.value, happenings: [...logged.value.happenings, happening] };
  }

  return { study, take, setUnitStatus, addHappening };
});
