<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { shortDate, type Experiment } from '@fern/core';
import { useExperiment } from '../stores/experiment';

/** A started plan changes only with a reason, and the report shows it. */
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const what = ref('');
const reason = ref('');
const ready = computed(() => what.value.trim() !== '' && reason.value.trim() !== '');

async function save(): Promise<void> {
  await store.amend(what.value.trim(), reason.value.trim());
  if (!store.amending) [what.value, reason.value] = ['', ''];
}
</script>

<template>
  <div v-if="store.amending" class="bar" role="group" aria-label="Amendment">
    <p><b>You are changing a plan that has started.</b> Nothing is saved until you say what and why.</p>
    <Input v-model:value="what" placeholder="what you change" aria-label="What you change" :maxlength="300" />
    <Input v-model:value="reason" placeholder="why" aria-label="Why you change it" :maxlength="300" />
    <Button type="primary" :disabled="!ready" @click="save">Save the amendment</Button>
    <button type="button" class="link" @click="store.reload()">Leave it as it was</button>
    <p v-if="store.saving === 'wrong'" class="wrong" role="alert">{{ store.wrong[0]?.detail ?? store.message }}</p>
  </div>
  <ul v-if="experiment.plan.amendments.length > 0" class="list small" aria-label="Amendments">
    <li v-for="(item, i) in experiment.plan.amendments" :key="i">
      <b>{{ shortDate(item.on) }}</b>: {{ item.what }}, because {{ item.reason }}
    </li>
  </ul>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-bottom: 14px;
  padding: 10px 14px;
  border-left: 4px solid var(--pollen);
  background: var(--pollen-wash);
}
.bar p {
  flex-basis: 100%;
  margin: 0;
}
.bar :deep(input) {
  width: 260px;
}
.wrong {
  color: var(--rust);
}
.list {
  margin: 0 0 14px;
  padding-left: 18px;
}
</style>
