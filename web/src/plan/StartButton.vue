<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { comesBefore, daysBetween, fairTestAtOnce, isDate, longDate, tell } from '@fern/core';
import OpenEdits from '../layout/OpenEdits.vue';
import { useLoaded } from '../layout/loaded';
import ContradictedLines from '../layout/ContradictedLines.vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import DateField from '../components/DateField.vue';
import Callout from '../components/Callout.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';

/** Starts the experiment: asks for the day, then freezes the plan. */
const { id, experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const router = useRouter();
const open = ref(false);
/** The day for which the steps were worked out, where that is still to come. */
const day = ref(planned());
function planned(): string {
  const { startedOn, plan } = experiment.value;
  return startedOn !== null && startedOn > today() && plan.timing.at !== '' ? startedOn : today();
}
/** Why it has not started. */
const refusal = ref<string | null>(null);
const stepsBefore = computed(() => experiment.value.plan.stages.filter(comesBefore).length);
const against = computed(() => fairTestAtOnce(experiment.value).filter(({ severity }) => severity === 'blocker' || severity === 'serious'));
const ahead = computed(() => (isDate(day.value) ? Math.max(0, daysBetween(today(), day.value)) : 0));
const blocked = computed(() => against.value.some(({ severity }) => severity === 'blocker'));
const warning = computed(() => {
  const [first] = against.value;
  if (!first) return null;
  const { message, remedy } = tell(first);
  return `${blocked.value ? 'It can’t start yet' : 'Before you start'}: ${message} ${remedy}`;
});

function ask(): void {
  day.value = planned();
  refusal.value = null;
  open.value = true;
}

async function start(): Promise<void> {
  if (!isDate(day.value) || blocked.value) return;
  refusal.value = await history.start(day.value);
  if (refusal.value !== null) return;
  open.value = false;
  await router.push({ name: 'prepare', params: { id: id.value } });
}
</script>

<template>
  <Button v-if="!documentStore.started" type="primary" @click="ask">Start the experiment</Button>
  <ConfirmDialog v-model:open="open" title="Start, and freeze the plan" :error="refusal">
    <p>From now on the plan stays as it is. A later change needs a reason, and the report will show it.</p>
    <OpenEdits />
    <ProblemNote :words="documentStore.open.length > 0 ? null : warning" />
    <ContradictedLines />
    <label
      >Day 0: <DateField :value="day" label="Day 0" error="Choose the day on which everything is sown or planted." @change="day = $event"
    /></label>
    <Callout v-if="ahead > 0" severity="caution"
      >That is {{ ahead === 1 ? 'tomorrow' : `${ahead} days from now` }}. Until then the plan is frozen{{
        stepsBefore > 0 ? ', and the steps before it are due in Prepare' : ' and nothing is due'
      }}. Is it the day on which you sow or plant?</Callout
    >
    <template #buttons>
      <Button type="primary" :disabled="blocked || documentStore.open.length > 0 || !isDate(day)" @click="start">{{
        ahead > 0 ? `Yes, it starts on ${longDate(day)}` : 'Start and freeze the plan'
      }}</Button>
    </template>
  </ConfirmDialog>
</template>
