<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { momentWords, typedDays } from '@fern/core';

/** Days after the start typed one after another, or moments under a day. What is none is said, and the days stay as they were. */
const props = defineProps<{ days: readonly number[]; label: string; disabled?: boolean; placeholder?: string }>();
const emit = defineEmits<{ change: [days: readonly number[]] }>();
const typed = ref('');
const error = ref<string | null>(null);
watch(
  () => props.days,
  (days) => {
    const there = typedDays(typed.value);
    if (!('days' in there) || there.days.join() !== days.join()) typed.value = days.map(momentWords).join(' ');
    error.value = null;
  },
  { immediate: true },
);
function take(): void {
  const read = typedDays(typed.value);
  error.value = 'not' in read ? `“${read.not}” is not a day. Type days as whole numbers, like 3 5 7, or moments like 10min 8h.` : null;
  if ('days' in read) emit('change', read.days);
}
</script>

<template>
  <span class="days">
    <Input v-model:value="typed" size="small" :disabled="disabled" :aria-label="label" :placeholder="placeholder" @change="take" />
    <span v-if="error" class="wrong" role="alert">{{ error }}</span>
  </span>
</template>

<style scoped>
.days {
  display: inline-grid;
  width: 150px;
}
.wrong {
  color: var(--rust);
  font-size: 14px;
}
</style>
