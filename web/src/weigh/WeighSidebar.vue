<script setup lang="ts">
import { computed } from 'vue';
import { chance, otherwiseTable, sentenceText, withWords, type Result, type Shown } from '@fern/core';
import Callout from '../components/Callout.vue';

/** What to do with the answer, what could have fooled us, and what would settle it. */
const props = defineProps<{ shown: Shown; result: Result }>();
const emit = defineEmits<{ look: [way: string] }>();
const plan = computed(() => props.shown.study.experiment.plan);
const chances = computed(() => chance(props.shown.result).map((block) => (block.kind === 'paragraph' ? sentenceText(block.text) : '')));
const otherwise = computed(() => {
  const { study, measure, result } = props.shown;
  return (otherwiseTable(study, measure, result)?.rows ?? []).slice(1).map(([how, gap, ends, p]) => `${how}: ${gap} (${ends}), p ${p}`);
});
const fine = computed(() => {
  const lines: string[] = [];
  const read = props.shown.study.observations;
  if (read.length > 0 && read.every(({ blinded }) => blinded)) lines.push('Recorded with the groups hidden.');
  const counts = props.result.measures.some(({ share, values }) => share && values.length > 0);
  if (counts && !props.result.review.some(({ rule }) => rule === 'denominator'))
    lines.push('All counts are possible: none exceeds the number sown, and none fell.');
  return lines;
});
</script>

<template>
  <template v-if="plan.decision || plan.countsAsYes">
    <h2>What to do next</h2>
    <p v-if="plan.decision" class="small">{{ plan.decision }}</p>
    <p v-if="plan.countsAsYes" class="small">You said this would count as support: {{ plan.countsAsYes }}</p>
  </template>
  <h2 class="later">Could this be chance?</h2>
  <p v-for="line in chances" :key="line" class="small">{{ line }}</p>
  <p v-if="chances.length === 0" class="small">Not enough data yet.</p>
  <p v-else class="small"><button type="button" class="link" @click="emit('look', 'shuffle')">Try the shuffle</button></p>
  <h2 class="later">What could have fooled us</h2>
  <Callout v-for="({ severity, message, remedy }, i) in result.review.map(withWords)" :key="i" :severity="severity"
    ><b>{{ message }}</b> {{ remedy }}</Callout
  >
  <Callout v-for="line in fine" :key="line" severity="fine">{{ line }}</Callout>
  <p v-if="result.review.length + fine.length === 0" class="small">The checks found no problems.</p>
  <template v-if="otherwise.length > 0">
    <h2 class="later">With other choices</h2>
    <p v-for="line in otherwise" :key="line" class="small">{{ line }}.</p>
  </template>
  <template v-if="plan.notTested.length > 0">
    <h2 class="later">Not tested</h2>
    <p class="small">{{ plan.notTested.join('; ') }}.</p>
  </template>
</template>
