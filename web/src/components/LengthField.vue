<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { lengthWords, typedLength } from '@fern/core';

/** How long something lasts, as people say it: `18 h`, `15–30 min`, `35 d`. What is none is said, and the length stays as it was. */
const props = defineProps<{ hours: number | null; hoursMost: number | null; label: string; disabled?: boolean }>();
const emit = defineEmits<{ change: [length: { hours: number | null; hoursMost: number | null }] }>();
const typed = ref('');
const error = ref<string | null>(null);
watch(
  () => [props.hours, props.hoursMost] as const,
  ([hours, hoursMost]) => {
    const there = typedLength(typed.value);
    if ('wrong' in there || there.hours !== hours || there.hoursMost !== hoursMost) typed.value = lengthWords(hours, hoursMost);
    error.value = null;
  },
  { immediate: true },
);
function take(): void {
  const read = typedLength(typed.value);
  error.value = 'wrong' in read ? read.wrong : null;
  if (!('wrong' in read)) emit('change', read);
}
</script>

<template>
  <span class="length">
    <Input v-model:value="typed" size="small" :disabled="disabled" :aria-label="label" placeholder="18 h, 30–42 d" @change="take" />
    <span v-if="error" class="wrong" role="alert">{{ error }}</span>
  </span>
</template>

<style scoped>
.length {
  display: inline-grid;
  width: 128px;
}
.wrong {
  color: var(--rust);
  font-size: 14px;
}
</style>
