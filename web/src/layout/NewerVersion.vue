<script setup lang="ts">
import FloatingNote from '../components/FloatingNote.vue';
import { useAppUpdate } from '../offline/appUpdate';

/** A newer version of the app waits; it is taken when the person says so, with everything stored first. */
const { ready, take } = useAppUpdate();
</script>

<template>
  <FloatingNote :shown="ready"
    >A newer version of Fern Test is here. <button type="button" class="link" @click="take">Use it now</button></FloatingNote
  >
</template>
