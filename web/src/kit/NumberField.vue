<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { ref, watch } from 'vue';

/** A number as people type it: a comma or a point. What cannot be is said beside it, and only a good number is passed on. */
const props = withDefaults(
  defineProps<{
    value: number | null;
    label: string;
    min?: number;
    max?: number;
    whole?: boolean;
    empty?: boolean;
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
const typed = ref('');
const wrong = ref<string | null>(null);
watch(
  () => props.value,
  (value) => {
    typed.value = value === null ? '' : String(value);
    wrong.value = null;
  },
  { immediate: true },
);

function take(): void {
  const text = typed.value.trim().replace(',', '.').replace('−', '-');
  wrong.value = null;
  if (text === '' && props.empty) return void emit('change', null);
  const value = /^-?(\d+\.?\d*|\.\d+)$/.test(text) ? Number(text) : NaN;
  if (Number.isNaN(value)) wrong.value = `“${typed.value}” is not a number. Type digits, like ${props.whole ? '12' : '12.5'}.`;
  else if (props.whole && !Number.isInteger(value)) wrong.value = 'Use a whole number.';
  else if (value < props.min) wrong.value = `${value} is too few: use ${props.min} or more.`;
  else if (value > props.max) wrong.value = `${value} is too many: use ${props.max} or fewer.${props.why ? ` ${props.why}` : ''}`;
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
      :status="wrong ? 'error' : ''"
      :disabled="disabled"
      inputmode="decimal"
      @change="take"
    />
    <span v-if="wrong" class="wrong" role="alert">{{ wrong }} Nothing was changed.</span>
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
