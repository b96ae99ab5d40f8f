<script setup lang="ts">
import { Modal } from 'ant-design-vue';

const open = defineModel<boolean>('open', { required: true });
const keys: readonly (readonly [string, string])[] = [
  ['g then t', 'Today'],
  ['1 … 6', 'the six steps of the open experiment'],
  ['/', 'find'],
  ['?', 'these keys'],
  ['digits, Enter', 'on a walk: the reading, then the next unit'],
  ['Backspace', 'on a walk, with nothing typed: the unit before'],
  ['+ − or j k', 'on a walk: one more, one less'],
  ['n · x · c · p · w · u', 'on a walk: note, lost, care, photo, went wrong, undo'],
  ['s · o · m', 'on a walk: not read, nothing there, no more plants here'],
  ['Enter, Tab, arrows', 'in the notebook: down, on, to any cell'],
];
</script>

<template>
  <Modal v-model:open="open" title="Keys" :footer="null" width="440px">
    <dl>
      <template v-for="[key, what] in keys" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </Modal>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 10px 16px;
  margin: 8px 0;
}
dd {
  margin: 0;
}
</style>
