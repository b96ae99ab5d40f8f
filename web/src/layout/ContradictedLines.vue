<script setup lang="ts">
import { computed } from 'vue';
import { contradictedLines, type OwnText } from '@fern/core';
import Callout from '../components/Callout.vue';
import { useLoaded } from './loaded';

/** Lines in somebody's own words that the plan contradicts, and what it has instead: of one text, or of all. */
const props = defineProps<{ in?: OwnText }>();
const { experiment } = useLoaded();
const names: Readonly<Record<OwnText, string>> = {
  kit: 'In the kit',
  steps: 'In the steps',
  kept: 'In what you keep the same',
  endRule: 'In the end',
  hypothesis: 'In the hypothesis',
  countsAsYes: 'In what would count as a yes',
  decision: 'In what each outcome decides',
};
const lines = computed(() => contradictedLines(experiment.value).filter(({ where }) => props.in === undefined || where === props.in));
</script>

<template>
  <Callout v-for="{ where, line, says, plan } in lines" :key="`${where} ${line} ${says}`" severity="caution"
    >{{ names[where] }}, “{{ line }}” says “{{ says }}”; the plan has {{ plan }}.</Callout
  >
</template>
