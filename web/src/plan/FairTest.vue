<script setup lang="ts">
import { computed } from 'vue';
import { comparedArms, fairTest, plural, smallestP, type Experiment } from '@fern/core';
import MarginNote from '../frame/MarginNote.vue';
import { useExperiment } from '../stores/experiment';

/** The fair-test check beside the plan, live as it changes. */
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const findings = computed(() => fairTest(experiment.value));
const bad = computed(() => findings.value.filter(({ severity }) => severity === 'blocker' || severity === 'serious').length);

/** What is already right, said as plainly as what is not. */
const fine = computed(() => {
  const { units, layout, plan } = experiment.value;
  const [control, first] = comparedArms(experiment.value.arms).map((arm) => units.filter((unit) => unit.arm === arm.arm));
  const lines: string[] = [];
  if (control && first && !findings.value.some(({ rule }) => rule === 'reach' || rule === 'replication')) {
    const p = smallestP(first, control, layout);
    if (p !== null) lines.push(`${first.length} ${plural(plan.unitWord)} an arm: chance alone could reach 1 in ${Math.round(1 / p).toLocaleString('en-GB')}, so a clear answer is possible.`);
  }
  if (!findings.value.some(({ rule }) => rule === 'position') && plan.shuffleSeed !== null) lines.push(`The places were shuffled. Seed ${plan.shuffleSeed} makes the same layout again.`);
  if (plan.kept.length > 0 && !findings.value.some(({ rule }) => rule === 'held')) lines.push(`${plan.kept.length} conditions are kept the same.`);
  return lines;
});
</script>

<template>
  <h2>Is it a fair test?</h2>
  <p class="soft small" role="status">{{ bad === 0 ? 'Nothing serious stands against it.' : bad === 1 ? 'One thing would make the result hard to believe.' : `${bad} things would make the result hard to believe.` }}</p>
  <MarginNote v-for="(finding, i) in findings" :key="`${finding.rule}-${i}`" :severity="finding.severity"><b>{{ finding.message }}</b> {{ finding.remedy }}</MarginNote>
  <MarginNote v-for="line in fine" :key="line" severity="fine">{{ line }}</MarginNote>
</template>
