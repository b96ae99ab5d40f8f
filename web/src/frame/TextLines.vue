<script setup lang="ts">
import { Textarea } from 'ant-design-vue';
import { computed } from 'vue';

/** A list that is typed one line an item. */
const props = defineProps<{ value: readonly string[]; label: string; disabled?: boolean; placeholder?: string }>();
const emit = defineEmits<{ change: [lines: string[]] }>();
const text = computed(() => props.value.join('\n'));
const take = (event: Event) => emit('change', (event.target as HTMLTextAreaElement).value.split('\n'));
</script>

<template>
  <Textarea
    :value="text"
    :aria-label="label"
    :disabled="disabled"
    :placeholder="placeholder"
    :auto-size="{ minRows: 2, maxRows: 16 }"
    @change="take"
  />
</template>
