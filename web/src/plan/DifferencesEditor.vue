<script setup lang="ts">
import { changePlan, type OnPurpose } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import LinesField from '../components/LinesField.vue';
import TicksField from '../components/TicksField.vue';
import { useHistory } from '../stores/history';

/** What differs between the arms and is not what is tested: said here, not hidden among what is kept the same. */
const { experiment } = useLoaded();
const history = useHistory();
const purposes: readonly { value: OnPurpose; label: string }[] = [
  { value: 'seed', label: 'seed lots' },
  { value: 'start', label: 'start days' },
  { value: 'water', label: 'water' },
  { value: 'feed', label: 'feed' },
];
const set = (lines: readonly string[]) => history.edit((now) => changePlan(now, { differences: lines }));
</script>

<template>
  <p class="purposes">
    <span>Differs on purpose, as what you test:</span>
    <TicksField
      :value="experiment.plan.onPurpose"
      :options="purposes"
      :disabled="history.frozen"
      label="What differs on purpose"
      @change="(onPurpose) => history.edit((now) => changePlan(now, { onPurpose }))"
    />
  </p>
  <h2 class="later">What else differs, and cannot be helped</h2>
  <p class="soft small">One a line: “three litres against four”. The check and the report say what it costs.</p>
  <LinesField
    :value="experiment.plan.differences"
    :disabled="history.frozen"
    label="What else differs between the groups, one a line"
    @change="set"
  />
</template>

<style scoped>
.purposes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  margin: 12px 0;
}
</style>
