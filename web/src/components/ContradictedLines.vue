<script setup lang="ts">
import type { Contradicted } from '@fern/core';
import Callout from './Callout.vue';

/** Lines in somebody's own words that the plan contradicts, and what it has instead. */
defineProps<{ lines: readonly Contradicted[] }>();
</script>

<template>
  <Callout v-for="{ line, says, plan } in lines" :key="`${line} ${says}`" severity="caution"
    >“{{ line }}” says {{ says }}; the plan has {{ plan }}.</Callout
  >
</template>
