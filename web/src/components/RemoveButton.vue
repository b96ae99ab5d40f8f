<script setup lang="ts">
import { nextTick, ref } from 'vue';
import { focusNeighbour } from './focusNeighbour';

/** Takes a line of a list away; the focus stays near, on the next one's button or on what adds a line. */
defineProps<{ label: string }>();
const emit = defineEmits<{ away: [] }>();
const button = ref<HTMLButtonElement | null>(null);

async function takeAway(): Promise<void> {
  const list = button.value?.closest('ul, [data-list]');
  const buttons = () => [...(list?.querySelectorAll<HTMLElement>('.away') ?? [])];
  const at = button.value ? buttons().indexOf(button.value) : -1;
  emit('away');
  await nextTick();
  const left = buttons();
  const adds = [...document.querySelectorAll<HTMLElement>('[data-adds]')].find((own) => focusNeighbour(own) === list);
  (left[Math.min(at, left.length - 1)] ?? adds)?.focus();
}
</script>

<template>
  <button ref="button" type="button" class="away" :aria-label="label" @click="takeAway">×</button>
</template>
