<script setup lang="ts">
import { Modal } from 'ant-design-vue';
import { nextTick, ref, watch } from 'vue';
import ProblemNote from './ProblemNote.vue';

/** Asks before something is done: what it is about, then buttons whose verbs say what happens. */
const open = defineModel<boolean>('open', { required: true });
defineProps<{ title: string; wrong?: string | null; width?: string }>();
const emit = defineEmits<{ closed: [] }>();
const body = ref<HTMLElement | null>(null);
// A dialog opens on its first field, or on its first button where it has none.
watch(
  open,
  async (isOpen) => {
    if (!isOpen) return;
    await nextTick();
    const first = ['input:not([type="hidden"]), textarea, select', 'button'].map((kind) => body.value?.querySelector<HTMLElement>(kind));
    first.find((own) => own != null)?.focus();
  },
  { immediate: true },
);
</script>

<template>
  <Modal v-model:open="open" :title="title" :footer="null" :width="width" :after-close="() => emit('closed')">
    <div ref="body">
      <slot />
      <ProblemNote :words="wrong" />
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
