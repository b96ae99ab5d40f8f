<script setup lang="ts">
import DateField from '../components/DateField.vue';
import DayNote from './DayNote.vue';

/** The day on which something was, or happened: never one to come. */
defineProps<{ value: string; label: string; before?: string }>();
const emit = defineEmits<{ change: [value: string] }>();
</script>

<template>
  <span class="past">
    <span>{{ before ?? 'on' }}</span>
    <DateField :value="value" :label="label" @change="emit('change', $event)" />
    <DayNote :day="value" :within="null" />
  </span>
</template>

<style scoped>
.past {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: baseline;
}
</style>
