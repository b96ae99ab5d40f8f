<script setup lang="ts">
import FloatingNote from './FloatingNote.vue';
import { savedAs } from './savedAs';
</script>

<template>
  <FloatingNote :shown="savedAs !== null" tone="good">Saved as a file, among your downloads: {{ savedAs }}</FloatingNote>
</template>
