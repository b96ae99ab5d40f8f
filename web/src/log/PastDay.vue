<script setup lang="ts">
import { isDate } from '@fern/core';
import { computed } from 'vue';
import { today } from '../stores/today';
import DateField from '../components/DateField.vue';

/** The day on which something was, or happened: never one to come. */
const props = defineProps<{ value: string; label: string; before?: string }>();
const emit = defineEmits<{ change: [value: string] }>();
const late = computed(() => isDate(props.value) && props.value > today());
</script>

<template>
  <span class="past">
    <span>{{ before ?? 'on' }}</span>
    <DateField :value="value" :label="label" @change="emit('change', $event)" />
    <span v-if="late" class="wrong" role="alert">That day has not come yet. Choose today or before.</span>
  </span>
</template>

<style scoped>
.past {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: baseline;
}
.wrong {
  color: var(--rust);
  font-size: var(--type-small);
}
</style>
