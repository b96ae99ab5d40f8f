<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { ref, watch } from 'vue';

/** A line of text. Each change is passed on as it is typed, or where other texts follow from it when it is left. */
const props = defineProps<{
  value: string;
  label: string;
  disabled?: boolean;
  placeholder?: string;
  maxlength?: number;
  /** Without a border until it is pointed at, for names that read as headings. */
  bare?: boolean;
  small?: boolean;
  error?: boolean;
  lazy?: boolean;
  /** Id of a list of usual words. */
  list?: string;
}>();
const emit = defineEmits<{ change: [value: string] }>();
const typed = ref(props.value);
watch(
  () => props.value,
  (value) => (typed.value = value),
);
let isTyped = false;
function take(value: string): void {
  typed.value = value;
  isTyped = true;
  if (!props.lazy) emit('change', value);
}
function leave(): void {
  // Whoever only passes through says nothing, also where someone else has changed it meanwhile.
  if (props.lazy && isTyped && typed.value !== props.value) emit('change', typed.value);
  isTyped = false;
}
</script>

<template>
  <Input
    dir="auto"
    :value="typed"
    :aria-label="label"
    :title="bare ? value : undefined"
    :disabled="disabled"
    :placeholder="placeholder"
    :maxlength="maxlength ?? 300"
    :bordered="!bare"
    :list="list"
    :size="small ? 'small' : undefined"
    :status="error ? 'error' : ''"
    :class="{ bare }"
    @change="take($event.target.value ?? '')"
    @blur="leave"
    @press-enter="leave"
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
