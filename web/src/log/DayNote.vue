<script setup lang="ts">
import { computed } from 'vue';
import type { Experiment } from '@fern/core';
import { aboutDay } from './aboutDay';

/** What is to be said of a day that was chosen: that it cannot be, or that it is unusual. */
const props = defineProps<{ day: string; within: Pick<Experiment, 'startedOn' | 'endedOn'> | null }>();
const about = computed(() => aboutDay(props.day, props.within));
</script>

<template>
  <span v-if="about" :class="{ refused: about.refused }" :role="about.refused ? 'alert' : 'status'">{{ about.words }}</span>
</template>

<style scoped>
span {
  font-size: var(--type-small);
}
.refused {
  color: var(--rust);
}
</style>
