<script setup lang="ts">
/** A line in the corner of the page. A status stands there empty until there is something to say, so that it is read out; an alert is read out as it comes. */
withDefaults(defineProps<{ shown: boolean; role?: 'status' | 'alert'; tone?: 'plain' | 'good' | 'bad' }>(), {
  role: 'status',
  tone: 'plain',
});
</script>

<template>
  <p v-if="shown || role === 'status'" class="note" :class="[tone, { quiet: !shown }]" :role="role"><slot v-if="shown" /></p>
</template>

<style scoped>
.note {
  position: fixed;
  z-index: 30;
  bottom: 14px;
  left: 14px;
  max-width: calc(100vw - 28px);
  margin: 0;
  padding: 8px 14px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  overflow-wrap: anywhere;
}
.good {
  border-color: var(--sprout);
}
.bad {
  background: var(--rust-wash);
}
.quiet {
  padding: 0;
  border: 0;
}
@media print {
  .note {
    display: none;
  }
}
</style>
