<script setup lang="ts" generic="Value extends string">
/** One of a few choices, as the browser's own list: it works by keyboard, by touch and for screen readers without help. */
defineProps<{
  value: Value | undefined;
  options: readonly { readonly value: Value; readonly label: string }[];
  label: string;
  disabled?: boolean;
  bare?: boolean;
}>();
const emit = defineEmits<{ change: [value: Value] }>();
</script>

<template>
  <select
    :value="value"
    :aria-label="label"
    :disabled="disabled"
    :class="{ bare }"
    @change="emit('change', ($event.target as HTMLSelectElement).value as Value)"
  >
    <option v-for="option in options" :key="option.value" :value="option.value">{{ option.label }}</option>
  </select>
</template>

<style scoped>
select {
  max-width: 100%;
  height: 32px;
  padding: 0 28px 0 10px;
  border: 1px solid #9fb1a6;
  border-radius: 7px;
  background: var(--paper)
    url("data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 12 12'%3E%3Cpath d='M2 4l4 4 4-4' fill='none' stroke='%234A615A' stroke-width='1.8'/%3E%3C/svg%3E")
    no-repeat right 9px center / 12px;
  color: var(--ink);
  font: inherit;
  text-overflow: ellipsis;
  appearance: none;
  cursor: pointer;
}
.bare {
  height: auto;
  padding: 0 16px 0 0;
  border-color: transparent;
  background-color: transparent;
  background-position: right 1px center;
  background-size: 10px;
  color: var(--soft);
}
select:disabled {
  padding-right: 10px;
  border-color: var(--hair);
  background: none;
  opacity: 1;
  cursor: default;
}
</style>
