<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { fairTest, isDate, type Experiment } from '@fern/core';
import { useExperiment } from '../stores/experiment';
import { today } from '../stores/today';

/** Starts the experiment: asks for the day, then freezes the plan. */
const store = useExperiment();
const router = useRouter();
const open = ref(false);
const day = ref(today());
const experiment = computed(() => store.experiment as Experiment);
const against = computed(() => fairTest(experiment.value).filter(({ severity }) => severity === 'blocker' || severity === 'serious'));
const blocked = computed(() => against.value.some(({ severity }) => severity === 'blocker'));
const wrongDay = computed(() => (isDate(day.value) ? null : 'Choose the day on which everything is sown or planted.'));

async function start(): Promise<void> {
  if (wrongDay.value || blocked.value) return;
  store.change((now) => ({ ...now, startedOn: day.value, plan: { ...now.plan, frozenOn: today() } }));
  await store.flush();
  if (store.saving !== 'saved') return;
  open.value = false;
  await router.push({ name: 'prepare', params: { id: store.id } });
}
</script>

<template>
  <Button v-if="!store.started" type="primary" @click="open = true">Start the experiment</Button>
  <Modal v-model:open="open" title="Start, and freeze the plan" :footer="null">
    <p>From now on the plan stays as it is. A later change needs a reason, and the report will show it.</p>
    <p v-if="against.length > 0" class="against">
      {{ blocked ? 'It cannot start yet' : 'Before you start' }}: {{ against[0].message }} {{ against[0].remedy }}
    </p>
    <label>Day 0: <input v-model="day" type="date" aria-label="Day 0" /></label>
    <p v-if="wrongDay" role="alert" class="against">{{ wrongDay }}</p>
    <p v-if="store.saving === 'wrong'" role="alert" class="against">{{ store.wrong[0]?.detail ?? store.message }}</p>
    <Button type="primary" :disabled="blocked || wrongDay !== null" @click="start">Start and freeze the plan</Button>
  </Modal>
</template>

<style scoped>
input {
  padding: 6px 10px;
  border: 1px solid var(--line);
  border-radius: 7px;
  font: inherit;
}
label {
  display: block;
  margin-bottom: 16px;
}
.against {
  padding: 8px 12px;
  border-radius: 7px;
  background: var(--rust-wash);
}
</style>
