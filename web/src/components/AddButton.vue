<script setup lang="ts">
import { nextTick, ref } from 'vue';
import { focusNeighbour } from './focusNeighbour';

/** Adds a line to the list beside it; the focus is then in the new line, on its name. */
const emit = defineEmits<{ add: [] }>();
const button = ref<HTMLButtonElement | null>(null);

async function add(): Promise<void> {
  const list = button.value && focusNeighbour(button.value);
  emit('add');
  await nextTick();
  const lines = [...(list?.children ?? [])].filter((line) => line.querySelector('input, textarea') !== null);
  const field = lines.at(-1)?.querySelector<HTMLInputElement | HTMLTextAreaElement>('input, textarea');
  field?.focus();
  field?.select();
}
</script>

<template>
  <button ref="button" type="button" class="link" data-adds @click="add"><slot /></button>
</template>
