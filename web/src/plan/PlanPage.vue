<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { moveUnit, plural, replan, type Experiment } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import TwoColumns from '../frame/TwoColumns.vue';
import { newSeed } from '../stores/newSeed';
import { useExperiment } from '../stores/experiment';
import ArmsEditor from './ArmsEditor.vue';
import FairTest from './FairTest.vue';
import KeptEditor from './KeptEditor.vue';
import MeasuresEditor from './MeasuresEditor.vue';
import StartButton from './StartButton.vue';
import UnitsEditor from './UnitsEditor.vue';

const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const shuffle = () => store.change((now) => replan(now, { seed: newSeed() }));
const move = (unit: string, row: number, column: number) => store.change((now) => ({ ...now, units: moveUnit(now.units, unit, row, column) }));
const layoutWords = computed(() => {
  const blocks = new Set(experiment.value.units.map((unit) => unit.block)).size;
  return { 'completely-random': 'shuffled all together', blocks: `${blocks} blocks`, pairs: `${blocks} pairs` }[experiment.value.layout];
});
</script>

<template>
  <TwoColumns>
    <div class="head">
      <h1>Where each {{ experiment.plan.unitWord }} stands</h1>
      <span class="soft small">{{ layoutWords }}<template v-if="experiment.plan.shuffleSeed !== null"> · shuffle <span class="mono">{{ experiment.plan.shuffleSeed }}</span></template></span>
      <span class="actions">
        <Button v-if="!store.frozen" @click="shuffle">Shuffle the {{ plural(experiment.plan.unitWord) }}</Button>
        <StartButton />
      </span>
    </div>
    <ArmsEditor />
    <UnitsEditor />
    <BenchView :units="experiment.units" :arms="experiment.arms" :shelves="experiment.plan.bench" :unit-word="experiment.plan.unitWord" :movable="!store.frozen" @move="move" />
    <p class="soft small hint">
      <template v-if="!store.frozen">Drag a {{ experiment.plan.unitWord }}, or go to it with the arrow keys, take it up with Enter and move it. </template>Each {{ experiment.plan.unitWord }} counts once, however many seeds or plants it holds.
    </p>
    <MeasuresEditor />
    <KeptEditor />
    <template #margin><FairTest /></template>
  </TwoColumns>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: baseline;
  margin-bottom: 12px;
}
.actions {
  display: flex;
  gap: 10px;
  margin-left: auto;
}
.hint {
  margin: 8px 0 22px;
}
</style>
