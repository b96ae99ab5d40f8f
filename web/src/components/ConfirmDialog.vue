<script setup lang="ts">
import { Modal } from 'ant-design-vue';
import { nextTick, ref, watch } from 'vue';
import ProblemNote from './ProblemNote.vue';

/** Asks before something is done: what it is about, then buttons whose verbs say what happens. */
const open = defineModel<boolean>('open', { required: true });
defineProps<{ title: string; error?: string | null; width?: string }>();
const emit = defineEmits<{ closed: [] }>();
const body = ref<HTMLElement | null>(null);
// A dialog opens on its first field, on its first button where it has none, else on itself, so that Escape closes it.
watch(
  [open, body],
  async ([isOpen, inside]) => {
    if (!isOpen || !inside) return;
    await nextTick();
    const first = inside.querySelector<HTMLElement>('input:not([type="hidden"]), textarea, select') ?? inside.querySelector('button');
    (first ?? inside.closest<HTMLElement>('.ant-modal-wrap'))?.focus();
  },
  { flush: 'post' },
);
</script>

<template>
  <Modal v-model:open="open" :title="title" :footer="null" :width="width" :after-close="() => emit('closed')">
    <div ref="body">
      <slot />
      <ProblemNote :words="error" />
      <p v-if="$slots.buttons" class="buttons"><slot name="buttons" /></p>
    </div>
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
