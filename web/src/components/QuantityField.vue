<script setup lang="ts">
import NumberField from './NumberField.vue';

/** A number with its unit beside it, and words before it where they read as one sentence. */
defineProps<{
  value: number | null;
  label: string;
  unit: string;
  before?: string;
  min?: number;
  max?: number;
  whole?: boolean;
  disabled?: boolean;
  width?: number;
}>();
const emit = defineEmits<{ change: [value: number | null] }>();
</script>

<template>
  <span class="quantity">
    <span v-if="before" class="small">{{ before }}</span>
    <NumberField
      :value="value"
      :label="label"
      :min="min"
      :max="max"
      :whole="whole"
      :disabled="disabled"
      :width="width ?? 72"
      optional
      @change="emit('change', $event)"
    />
    <span v-if="unit" class="small">{{ unit }}</span>
  </span>
</template>

<style scoped>
.quantity {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: baseline;
}
</style>
