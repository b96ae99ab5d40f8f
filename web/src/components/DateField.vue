<script setup lang="ts">
import { isDate } from '@fern/core';
import { computed } from 'vue';

/** A calendar date, by the browser's own field: a phone shows its own wheel, and a screen reader knows it. */
const props = defineProps<{ value: string; label: string; error?: string }>();
const emit = defineEmits<{ change: [value: string] }>();
const told = computed(() => (isDate(props.value) ? null : (props.error ?? 'Choose a day.')));
</script>

<template>
  <span class="date">
    <input
      class="native"
      type="date"
      :value="value"
      :aria-label="label"
      @input="emit('change', ($event.target as HTMLInputElement).value)"
    />
    <span v-if="told" class="wrong" role="alert">{{ told }}</span>
  </span>
</template>

<style scoped>
.date {
  display: inline-grid;
  gap: 4px;
}
.wrong {
  color: var(--rust);
  font-size: var(--type-small);
}
</style>
