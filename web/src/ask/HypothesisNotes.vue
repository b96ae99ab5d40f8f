<script setup lang="ts">
import { computed } from 'vue';
import { checkHypothesis, inList, namedRule, withWords, type Experiment, type HypothesisPart } from '@fern/core';
import Callout from '../components/Callout.vue';

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
const follows = computed(() => props.experiment.plan.unworded.includes('hypothesis') && !check.value.hasX);
const said = computed(() => inList(check.value.said.map((part) => words[part])));
</script>

<template>
  <Callout v-if="!isThere" severity="serious"
    >There is no hypothesis yet: what do you expect, of which plant, against what, and which way?</Callout
  >
  <Callout v-else-if="follows" severity="fine"
    >The hypothesis is written from the plan: the measure that decides, its day, and what is asked.</Callout
  >
  <template v-else>
    <Callout v-if="check.said.length > 0" severity="fine">The hypothesis says {{ said }}.</Callout>
    <Callout v-for="{ message, remedy, severity } in namedRule(experiment).map(withWords)" :key="message" :severity="severity"
      ><b>{{ message }}</b> {{ remedy }}</Callout
    >
    <Callout v-if="check.hasX" severity="caution">An X still stands in it. Say what it is that you test.</Callout>
    <Callout v-for="{ part, ask } in check.open" :key="part" severity="caution">{{ ask }}</Callout>
    <Callout v-for="{ word, ask } in check.vague" :key="word" severity="caution">“{{ word }}”: {{ ask }}</Callout>
  </template>
</template>
