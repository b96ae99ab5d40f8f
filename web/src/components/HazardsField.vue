<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import { hazardCodes, hazards, inList, type Hazard } from '@fern/core';

/**
 * What can hurt someone: several of a list, or that nothing can; null while nobody has said. What follows from elsewhere is told with it.
 * Where it only adds to what is known, an empty list says nothing.
 */
const props = defineProps<{
  value: readonly Hazard[] | null;
  also?: readonly Hazard[];
  label: string;
  adds?: boolean;
  disabled?: boolean;
}>();
const emit = defineEmits<{ change: [value: readonly Hazard[]] }>();
const told = computed(() => {
  const all = [...new Set([...(props.also ?? []), ...(props.value ?? [])])].map((code) => hazards[code].label);
  if (props.value === null) return inList([...all, all.length === 0 ? 'not said yet' : 'what else is not said yet']);
  return all.length === 0 ? (props.adds ? 'none ticked' : 'nothing') : inList(all);
});

function tick(code: Hazard, isTicked: boolean): void {
  const others = (props.value ?? []).filter((own) => own !== code);
  emit('change', isTicked ? [...others, code] : others);
}
</script>

<template>
  <span v-if="disabled" class="small">{{ label }}: {{ told }}</span>
  <details v-else class="small">
    <summary>{{ label }}: {{ told }}</summary>
    <fieldset>
      <legend class="visually-hidden">{{ label }}</legend>
      <Checkbox v-if="!adds" :checked="value !== null && value.length === 0" @change="emit('change', [])"
        >nothing{{ also?.length ? ' more' : '' }}</Checkbox
      >
      <Checkbox
        v-for="code in hazardCodes.filter((own) => !also?.includes(own))"
        :key="code"
        :checked="value?.includes(code) ?? false"
        @change="tick(code, ($event.target as HTMLInputElement).checked)"
        >{{ hazards[code].label }}</Checkbox
      >
    </fieldset>
  </details>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 4px 12px;
  padding: 6px 0;
}
fieldset :deep(.ant-checkbox-wrapper) {
  margin: 0;
}
</style>
