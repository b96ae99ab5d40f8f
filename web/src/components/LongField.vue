<script setup lang="ts">
import { Textarea } from 'ant-design-vue';

/** Text of several lines, growing with what is typed. */
withDefaults(defineProps<{ value: string; label: string; disabled?: boolean; placeholder?: string; maxlength?: number; rows?: number }>(), {
  maxlength: 20_000,
  rows: 2,
});
const emit = defineEmits<{ change: [value: string] }>();
</script>

<template>
  <Textarea
    dir="auto"
    :value="value"
    :aria-label="label"
    :disabled="disabled"
    :placeholder="placeholder"
    :maxlength="maxlength"
    :auto-size="{ minRows: rows }"
    @change="emit('change', $event.target.value ?? '')"
  />
</template>
