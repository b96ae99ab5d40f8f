<script setup lang="ts">
import { computed } from 'vue';
import type { Study } from '@fern/core';
import { provideLoaded } from './loaded';

/** Gives the loaded experiment to everything inside. */
const props = defineProps<{ id: string; study: Study }>();
provideLoaded({
  id: computed(() => props.id),
  experiment: computed(() => props.study.experiment),
  study: computed(() => props.study),
});
</script>

<template>
  <slot />
</template>
