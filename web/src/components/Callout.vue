<script setup lang="ts">
import SeverityMark from './SeverityMark.vue';

/** A note in the margin: the mark, the words, and what can be done about it. */
defineProps<{ severity: 'blocker' | 'serious' | 'caution' | 'note' | 'fine' }>();
</script>

<template>
  <div class="note">
    <SeverityMark :severity="severity" />
    <div><slot /></div>
  </div>
</template>

<style scoped>
.note {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 8px;
  padding: 10px 0 12px;
  border-bottom: 1px solid var(--hair);
  font-size: 14.5px;
  line-height: 1.4;
}
</style>
