<script setup lang="ts">
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import FloatingNote from '../components/FloatingNote.vue';

/** A page that could not be fetched, as without a network: one stays where one is, and is told so. */
const router = useRouter();
const wanted = ref<string | null>(null);
router.onError((_, to) => (wanted.value = to.fullPath));
router.afterEach(() => (wanted.value = null));
</script>

<template>
  <FloatingNote :shown="wanted !== null" role="alert" tone="bad"
    >That page could not be fetched, and is not kept on this device yet.
    <button type="button" class="link" @click="wanted !== null && router.push(wanted)">Try again</button></FloatingNote
  >
</template>
