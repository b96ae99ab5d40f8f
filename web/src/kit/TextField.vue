<script setup lang="ts">
import { Input } from 'ant-design-vue';

/** A line of text. Each change is passed on as it is typed. */
defineProps<{
  value: string;
  label: string;
  disabled?: boolean;
  placeholder?: string;
  most?: number;
  /** Without a border until it is pointed at, for names that read as headings. */
  bare?: boolean;
  small?: boolean;
  wrong?: boolean;
}>();
const emit = defineEmits<{ change: [value: string] }>();
</script>

<template>
  <Input
    :value="value"
    :aria-label="label"
    :title="bare ? value : undefined"
    :disabled="disabled"
    :placeholder="placeholder"
    :maxlength="most ?? 300"
    :bordered="!bare"
    :size="small ? 'small' : undefined"
    :status="wrong ? 'error' : ''"
    :class="{ bare }"
    @change="emit('change', $event.target.value ?? '')"
  />
</template>

<style scoped>
.bare {
  padding: 0 4px;
  color: var(--ink);
  font-weight: 700;
  text-overflow: ellipsis;
}
.bare:hover:not(:disabled),
.bare:focus {
  background: var(--paper);
}
</style>
