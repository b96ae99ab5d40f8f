<script setup lang="ts">
/** A day and a time, by the browser's own field and on its clock; handed on as a moment in UTC. */
defineProps<{ value: string | null; label: string }>();
const emit = defineEmits<{ change: [value: string | null] }>();
const two = (n: number) => String(n).padStart(2, '0');
function local(moment: string | null): string {
  if (moment === null) return '';
  const at = new Date(moment);
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`;
}
function take(event: Event): void {
  const { value } = event.target as HTMLInputElement;
  const at = new Date(value);
  emit('change', value === '' || Number.isNaN(at.getTime()) ? null : `${at.toISOString().slice(0, 19)}Z`);
}
</script>

<template>
  <input class="native" type="datetime-local" :value="local(value)" :aria-label="label" @change="take" />
</template>
