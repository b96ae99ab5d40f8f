<script setup lang="ts">
import { computed } from 'vue';
import LongField from './LongField.vue';

/** A list that is typed one line an item. */
const props = defineProps<{ value: readonly string[]; label: string; disabled?: boolean; placeholder?: string }>();
const emit = defineEmits<{ change: [lines: string[]] }>();
const text = computed(() => props.value.join('\n'));
</script>

<template>
  <LongField :value="text" :label="label" :disabled="disabled" :placeholder="placeholder" @change="emit('change', $event.split('\n'))" />
</template>
