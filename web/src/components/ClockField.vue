<script setup lang="ts">
/** A time of day, by the browser's own field: a phone shows its own wheel, and a screen reader knows it. */
defineProps<{ value: string; label: string; disabled?: boolean }>();
const emit = defineEmits<{ change: [value: string] }>();
</script>

<template>
  <input
    class="native"
    type="time"
    :value="value"
    :aria-label="label"
    :disabled="disabled"
    @input="emit('change', ($event.target as HTMLInputElement).value)"
  />
</template>
