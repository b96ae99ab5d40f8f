<script setup lang="ts">
import { readsBlind, withWords, type Finding } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import Callout from '../components/Callout.vue';

/** What something that is being written down does to the result. Read blind it is not told, since it would tell the arm. */
defineProps<{ findings: readonly Finding[] }>();
const { experiment } = useLoaded();
</script>

<template>
  <p v-if="readsBlind(experiment) && findings.length > 0" class="soft small">
    What this does to the result is told once the blinding is lifted.
  </p>
  <template v-else>
    <Callout v-for="{ severity, message, remedy } in findings.map(withWords)" :key="message" :severity="severity">
      Effect on the result: {{ message }} {{ remedy }}</Callout
    >
  </template>
</template>
