<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';

/** A page that could not be fetched, as without a network: one stays where one is, and is told so. */
const router = useRouter();
const wanted = ref<string | null>(null);
router.onError((_, to) => (wanted.value = to.fullPath));
router.afterEach(() => (wanted.value = null));
</script>

<template>
  <p v-if="wanted !== null" class="missing" role="alert">
    That page could not be fetched, and is not kept on this device yet.
    <button type="button" class="link" @click="router.push(wanted)">Try again</button>
  </p>
</template>

<style scoped>
.missing {
  position: fixed;
  z-index: 30;
  bottom: 14px;
  left: 14px;
  max-width: calc(100vw - 28px);
  margin: 0;
  padding: 8px 14px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--rust-wash);
}
@media print {
  .missing {
    display: none;
  }
}
</style>
