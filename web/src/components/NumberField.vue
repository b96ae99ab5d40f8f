<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { ref, watch } from 'vue';
import { typedNumber } from '@fern/core';

/** A number as people type it: a comma or a point. What cannot be is said beside it, and only a good number is passed on. */
const props = withDefaults(
  defineProps<{
    value: number | null;
    label: string;
    min?: number;
    max?: number;
    whole?: boolean;
    optional?: boolean;
    suffix?: string;
    width?: number;
    disabled?: boolean;
    small?: boolean;
    /** What stands there while there is no number. */
    placeholder?: string;
    why?: string;
  }>(),
  {
    min: -Infinity,
    max: Infinity,
    width: 84,
  },
);
const emit = defineEmits<{ change: [value: number | null] }>();
const shown = () => (props.value === null ? '' : String(props.value));
const typed = ref(shown());
const error = ref<string | null>(null);
/** Someone is in the field: it is theirs. A number from elsewhere stands beside it, and never comes under the next key. */
const isOwn = ref(false);
const elsewhere = ref(false);
watch(
  () => props.value,
  (value) => {
    error.value = null;
    elsewhere.value = isOwn.value && value !== typedNumber(typed.value);
    if (!isOwn.value) typed.value = shown();
  },
);
function leave(): void {
  isOwn.value = elsewhere.value = false;
  if (error.value === null) typed.value = shown();
}

function take(): void {
  const value = typedNumber(typed.value);
  error.value = null;
  elsewhere.value = false;
  if (typed.value.trim() === '' && props.optional) return void emit('change', null);
  if (value === null) error.value = `“${typed.value}” is not a number. Type digits, like ${props.whole ? '12' : '12.5'}.`;
  else if (props.whole && !Number.isInteger(value)) error.value = 'Use a whole number.';
  else if (value < props.min) error.value = `${value} is too few: use ${props.min} or more.`;
  else if (value > props.max) error.value = `${value} is too many: use ${props.max} or fewer.${props.why ? ` ${props.why}` : ''}`;
  else emit('change', value);
}
</script>

<template>
  <span class="number">
    <Input
      v-model:value="typed"
      :aria-label="label"
      :style="{ width: `${width}px` }"
      :suffix="suffix"
      :size="small ? 'small' : undefined"
      :placeholder="placeholder"
      :status="error ? 'error' : ''"
      :disabled="disabled"
      inputmode="decimal"
      @focus="isOwn = true"
      @blur="leave"
      @change="take"
    />
    <span v-if="elsewhere" class="soft small" role="status">{{ shown() || 'nothing' }} elsewhere meanwhile</span>
    <span v-if="error" class="wrong" role="alert">{{ error }} Nothing was changed.</span>
  </span>
</template>

<style scoped>
.number {
  display: inline-flex;
  flex-direction: column;
}
.wrong {
  max-width: 240px;
  color: var(--rust);
  font-size: 14px;
}
</style>
