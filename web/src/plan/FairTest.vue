<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import {
  comparedArms,
  designOf,
  fairTestAtOnce,
  movedByHand,
  placesInWords,
  plural,
  remedyFor,
  replicates,
  replicateWord,
  smallestP,
  withWords,
  type Remedy,
} from '@fern/core';
import Callout from '../components/Callout.vue';
import { newSeed } from '../stores/newSeed';
import { useLoaded } from '../layout/loaded';
import { useHistory } from '../stores/history';

/** The fair-test check beside the plan, live as it changes; what the app can change has a button. */
const { experiment } = useLoaded();
const history = useHistory();
const findings = computed(() =>
  fairTestAtOnce(experiment.value).map((finding) => ({
    ...withWords(finding),
    button: history.frozen ? null : remedyFor(finding, experiment.value),
  })),
);
const bad = computed(() => findings.value.filter(({ severity }) => severity === 'blocker' || severity === 'serious').length);
const applyRemedy = (remedy: Remedy) => history.edit((now) => remedy.apply(now, newSeed()));

const moved = computed(() => ((movedByHand(experiment.value)?.length ?? 0) > 0 ? placesInWords(experiment.value) : null));

/** What is already right, said as plainly as what is not. */
const fine = computed(() => {
  const { layout, plan } = experiment.value;
  const units = replicates(experiment.value);
  const compared = comparedArms(experiment.value.arms).map((arm) => units.filter((unit) => unit.arm === arm.code));
  const [control, first] = compared;
  const fires = (rule: string) => findings.value.some((finding) => finding.rule === rule);
  const lines: string[] = [];
  // Where the design is played through, “What could this show?” says how often.
  if (control && first && !fires('reach') && !fires('replication') && designOf(experiment.value) === null) {
    // Of two arms the shuffle decides; several are held together by their spreads.
    const p = compared.length === 2 ? smallestP(first, control, layout) : null;
    const reached =
      p === null ? '' : `chance alone could reach 1 in ${p < 1e-6 ? 'over a million' : Math.round(1 / p).toLocaleString('en-GB')}, so `;
    lines.push(
      `${Math.min(...compared.map(({ length }) => length))} ${plural(replicateWord(experiment.value))} per group: ${reached}a clear answer is possible.`,
    );
  }
  if (!fires('position') && movedByHand(experiment.value)?.length === 0) lines.push(placesInWords(experiment.value));
  if (plan.kept.length > 0 && !fires('held')) lines.push(`${plan.kept.length} conditions are kept the same.`);
  return lines;
});
</script>

<template>
  <h2>Is it a fair test?</h2>
  <p class="soft small" role="status">
    {{
      bad === 0
        ? 'Nothing serious stands against it.'
        : bad === 1
          ? 'One thing would make the result hard to believe.'
          : `${bad} things would make the result hard to believe.`
    }}
  </p>
  <Callout v-for="(finding, i) in findings" :key="`${finding.rule}-${i}`" :severity="finding.severity">
    <b>{{ finding.message }}</b> {{ finding.remedy }}
    <div v-if="finding.button" class="remedy">
      <Button size="small" @click="applyRemedy(finding.button)">{{ finding.button.label }}</Button>
    </div>
  </Callout>
  <Callout v-if="moved" severity="note">{{ moved }} A place that is chosen can favour a group; shuffling cannot.</Callout>
  <Callout v-for="line in fine" :key="line" severity="fine">{{ line }}</Callout>
</template>

<style scoped>
.remedy {
  margin-top: 7px;
}
.remedy :deep(.ant-btn) {
  height: auto;
  padding: 5px 12px;
  font-size: 14px;
  white-space: normal;
}
</style>
