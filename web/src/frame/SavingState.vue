<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { useOpening } from '../stores/openExperiment';

/** Saving is shown, never asked for. */
const document = useDocument();
const history = useHistory();
const opening = useOpening();
</script>

<template>
  <div class="saving" role="status" :class="document.saving">
    <span v-if="document.saving === 'saved'">✓ Saved</span>
    <span v-else-if="document.saving === 'changed' || document.saving === 'saving'">Saving …</span>
    <span v-else-if="document.saving === 'offline'">No network. Your changes stay here and are sent when it is back.</span>
    <span v-else-if="document.saving === 'wrong'">Not saved: {{ document.wrong[0]?.detail ?? document.message }}</span>
    <span v-else>{{ document.message }} <Button size="small" @click="opening.reload()">Load it again</Button></span>
    <button v-if="history.canUndo" type="button" class="link" @click="history.undo()">Undo</button>
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
