<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { useOpening } from '../stores/openExperiment';
import { useOutbox } from '../stores/outbox';
import OpenEdits from './OpenEdits.vue';

/** Saving is shown, never asked for. */
const documentStore = useDocument();
const history = useHistory();
const opening = useOpening();
const outbox = useOutbox();
</script>

<template>
  <div class="saving" role="status" :class="[documentStore.saving, { quiet: documentStore.saving === 'saved' && !history.canUndo }]">
    <span v-if="!outbox.looked"></span>
    <span v-else-if="documentStore.saving === 'saved' && outbox.waiting.length > 0">{{
      outbox.offline ? 'Kept on this device' : 'Saving …'
    }}</span>
    <span v-else-if="documentStore.saving === 'saved'">✓ Saved</span>
    <span v-else-if="documentStore.held">The amendment is not saved yet</span>
    <span v-else-if="documentStore.saving === 'changed' || documentStore.saving === 'saving'">Saving …</span>
    <span v-else-if="documentStore.saving === 'offline' && documentStore.unkept"
      >No network. Your changes are on this page alone: keep it open until the network is back.</span
    >
    <span v-else-if="documentStore.saving === 'offline'"
      >No network. Your changes are kept on this device, and are saved when the network is back.</span
    >
    <OpenEdits v-else-if="documentStore.saving === 'wrong'" mends />
    <span v-else>{{ documentStore.message }} <Button size="small" @click="opening.reload()">Load it again</Button></span>
    <span v-if="documentStore.overtaken.length > 0"
      >Someone else has changed {{ documentStore.overtaken.join(', ') }} meanwhile: that stands now, not what was typed here.</span
    >
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
/* On a phone there is no room beside the trail: it stands at the foot while there is something to say. */
@media (max-width: 900px) {
  .saving {
    position: fixed;
    z-index: 15;
    top: auto;
    right: 14px;
    bottom: 14px;
    padding: 6px 14px;
    border: 1px solid var(--line);
    border-radius: 7px;
    background: var(--paper);
  }
  .wrong,
  .conflict {
    border-color: var(--rust);
    background: var(--rust-wash);
  }
  .quiet {
    width: 1px;
    height: 1px;
    padding: 0;
    overflow: hidden;
    border: 0;
    clip-path: inset(50%);
    white-space: nowrap;
  }
}
.saving > .link {
  flex: none;
  align-self: start;
}
@media print {
  .saving {
    display: none;
  }
}
</style>
