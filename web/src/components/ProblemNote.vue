<script setup lang="ts">
/** What is wrong, where it is wrong, read aloud at once. Nothing stands here while nothing is wrong. */
defineProps<{ words: string | null | undefined }>();
</script>

<template>
  <p v-if="words" class="problem" role="alert">{{ words }} <slot /></p>
</template>

<style scoped>
.problem {
  margin: 8px 0;
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--rust-wash);
}
</style>
