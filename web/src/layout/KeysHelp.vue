<script setup lang="ts">
import ConfirmDialog from '../components/ConfirmDialog.vue';
import { shortcuts } from './shortcuts';
import { keysOpen } from './keysOpen';
</script>

<template>
  <ConfirmDialog v-model:open="keysOpen" title="Keys" width="820px">
    <dl>
      <div v-for="[key, what] in shortcuts" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </div>
    </dl>
  </ConfirmDialog>
</template>

<style scoped>
dl {
  columns: 2;
  column-gap: 28px;
  margin: 8px 0;
}
dl div {
  display: grid;
  grid-template-columns: 130px 1fr;
  gap: 0 14px;
  margin-bottom: 10px;
  break-inside: avoid;
}
dd {
  margin: 0;
}
@media (max-width: 900px) {
  dl {
    columns: 1;
  }
}
</style>
