<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useExperiment } from '../stores/experiment';

/** Saving is shown, never asked for. */
const store = useExperiment();
</script>

<template>
  <div class="saving" role="status" :class="store.saving">
    <span v-if="store.saving === 'saved'">✓ Saved</span>
    <span v-else-if="store.saving === 'changed' || store.saving === 'saving'">Saving …</span>
    <span v-else-if="store.saving === 'offline'">No network. Your changes stay here and are sent when it is back.</span>
    <span v-else-if="store.saving === 'wrong'">Not saved: {{ store.wrong[0]?.detail ?? store.message }}</span>
    <span v-else>{{ store.message }} <Button size="small" @click="store.reload()">Load it again</Button></span>
    <button v-if="store.canUndo" type="button" class="link" @click="store.undo()">Undo</button>
  </div>
</template>

<style scoped>
.saving {
  position: absolute;
  top: 62px;
  right: 24px;
  display: flex;
  gap: 14px;
  color: var(--soft);
  font-size: 14px;
}
.wrong,
.conflict,
.offline {
  position: fixed;
  z-index: 15;
  top: auto;
  bottom: 14px;
  max-width: min(620px, calc(100vw - 28px));
  padding: 6px 14px;
  border: 1px solid var(--hair);
  border-radius: 7px;
}
.wrong,
.conflict {
  border-color: var(--rust);
  background: var(--rust-wash);
  color: var(--ink);
}
.offline {
  border-color: var(--pollen);
  background: var(--pollen-wash);
  color: var(--ink);
}
@media print {
  .saving {
    display: none;
  }
}
</style>
