<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { RecordPanel } from './recordKeys';

/** What can be done at a stop of a walk, each with its key. */
defineProps<{
  /** What comes next: a pot, a plant. */
  next: string;
  /** One of several plants in a unit, of which there may be no more. */
  isPlant: boolean;
  /** Words for nothing there. */
  none: string;
  isFirst: boolean;
}>();
const emit = defineEmits<{ next: []; noMore: []; absent: [why: 'not-read' | 'nothing-there']; open: [panel: RecordPanel]; undo: [] }>();
</script>

<template>
  <div class="thumb-buttons">
    <Button type="primary" size="large" class="next" @click="emit('next')">Next {{ next }} <kbd>Enter</kbd></Button>
    <Button v-if="isPlant" size="large" @click="emit('noMore')">No more plants here <kbd>m</kbd></Button>
    <Button size="large" @click="emit('absent', 'not-read')">Not read <kbd>s</kbd></Button>
    <Button size="large" @click="emit('absent', 'nothing-there')">{{ none }} <kbd>o</kbd></Button>
    <Button size="large" @click="emit('open', 'note')">Note <kbd>n</kbd></Button>
    <Button size="large" @click="emit('open', 'lost')">Lost <kbd>x</kbd></Button>
    <Button size="large" @click="emit('open', 'care')">Care <kbd>c</kbd></Button>
    <Button size="large" @click="emit('open', 'photo')">Photo <kbd>p</kbd></Button>
    <Button size="large" @click="emit('open', 'wrong')">Went wrong <kbd>w</kbd></Button>
    <button type="button" class="link undo" :disabled="isFirst" @click="emit('undo')">Undo last <kbd>u</kbd></button>
  </div>
</template>

<style scoped>
.undo {
  margin-left: auto;
}
.undo:disabled {
  color: var(--soft);
  cursor: default;
}
@media (max-width: 600px) {
  .next {
    order: 5;
    width: 100%;
    min-height: 58px;
    font-size: 18px;
  }
  .thumb-buttons kbd {
    display: none;
  }
}
</style>
