<script setup lang="ts">
import { computed } from 'vue';
import { checkHypothesis, inList, type Experiment, type HypothesisPart } from '@fern/core';
import MarginNote from '../kit/MarginNote.vue';

/** What the hypothesis says, what it leaves open, and what no two people would read the same. */
const props = defineProps<{ experiment: Experiment }>();
const words: Readonly<Record<HypothesisPart, string>> = {
  plant: 'which plant',
  treatment: 'what is done',
  comparison: 'against what',
  measure: 'what is read',
  direction: 'which way',
  time: 'when',
};
const check = computed(() => checkHypothesis(props.experiment));
const isThere = computed(() => props.experiment.hypothesis.trim() !== '');
const said = computed(() => inList(check.value.said.map((part) => words[part])));
</script>

<template>
  <MarginNote v-if="!isThere" severity="serious"
    >There is no hypothesis yet: what do you expect, of which plant, against what, and which way?</MarginNote
  >
  <template v-else>
    <MarginNote v-if="check.said.length > 0" severity="fine">The hypothesis says {{ said }}.</MarginNote>
    <MarginNote v-if="check.hasX" severity="caution">An X still stands in it. Say what it is that you test.</MarginNote>
    <MarginNote v-for="{ part, ask } in check.open" :key="part" severity="caution">{{ ask }}</MarginNote>
    <MarginNote v-for="{ word, ask } in check.vague" :key="word" severity="caution">“{{ word }}”: {{ ask }}</MarginNote>
  </template>
</template>
