<script setup lang="ts">
import { Modal } from 'ant-design-vue';
import ProblemNote from './ProblemNote.vue';

/** Asks before something is done: what it is about, then buttons whose verbs say what happens. */
const open = defineModel<boolean>('open', { required: true });
defineProps<{ title: string; wrong?: string | null; width?: string }>();
const emit = defineEmits<{ closed: [] }>();
</script>

<template>
  <Modal v-model:open="open" :title="title" :footer="null" :width="width" :after-close="() => emit('closed')">
    <slot />
    <ProblemNote :words="wrong" />
    <p v-if="$slots.buttons" class="buttons"><slot name="buttons" /></p>
  </Modal>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 14px 0 0;
}
</style>
