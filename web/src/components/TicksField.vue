<script setup lang="ts" generic="Value extends string">
import { CheckboxGroup } from 'ant-design-vue';

/** Several of a few choices. */
defineProps<{
  value: readonly Value[];
  options: readonly { readonly value: Value; readonly label: string }[];
  label: string;
  disabled?: boolean;
}>();
const emit = defineEmits<{ change: [value: readonly Value[]] }>();
</script>

<template>
  <CheckboxGroup
    :value="[...value]"
    :options="[...options]"
    :aria-label="label"
    :disabled="disabled"
    role="group"
    @change="(ticked) => emit('change', ticked as Value[])"
  />
</template>
