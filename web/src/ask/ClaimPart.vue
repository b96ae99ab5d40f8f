<script setup lang="ts">
/** One part of a claim with its field, and what is asked while it is open. */
defineProps<{ title: string; ask?: string | null }>();
</script>

<template>
  <label
    >{{ title }}<slot /><span v-if="ask" class="ask">{{ ask }} <slot name="answer" /></span
  ></label>
</template>

<style scoped>
label {
  display: grid;
  gap: 4px;
  font-weight: 700;
}
label :deep(*) {
  font-weight: 400;
}
.ask {
  padding-left: 8px;
  border-left: 3px solid var(--pollen);
  font-size: var(--type-small);
}
</style>
