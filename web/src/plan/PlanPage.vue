<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { moveUnit, plural, replan, type Experiment } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import TwoColumns from '../frame/TwoColumns.vue';
import { newSeed } from '../stores/newSeed';
import { useExperiment } from '../stores/experiment';
import AmendBar from './AmendBar.vue';
import ArmsEditor from './ArmsEditor.vue';
import BenchSettings from './BenchSettings.vue';
import FactorsEditor from './FactorsEditor.vue';
import FairTest from './FairTest.vue';
import KeptEditor from './KeptEditor.vue';
import MeasuresEditor from './MeasuresEditor.vue';
import PowerPanel from './PowerPanel.vue';
import StagesEditor from './StagesEditor.vue';
import StartButton from './StartButton.vue';
import UnitsEditor from './UnitsEditor.vue';

const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const shuffle = () => store.change((now) => replan(now, { seed: newSeed() }));
const move = (unit: string, row: number, column: number) =>
  store.change((now) => ({ ...now, units: moveUnit(now.units, unit, row, column) }));
function barrier(row: number, column: number): void {
  store.change((now) => {
    const there = now.plan.barriers.some((other) => other.row === row && other.column === column);
    const barriers = there
      ? now.plan.barriers.filter((other) => other.row !== row || other.column !== column)
      : [...now.plan.barriers, { row, column }];
    return { ...now, plan: { ...now.plan, barriers } };
  });
}
const layoutWords = computed(() => {
  const blocks = new Set(experiment.value.units.map((unit) => unit.block)).size;
  return { 'completely-random': 'all together', blocks: `${blocks} blocks`, pairs: `${blocks} pairs` }[experiment.value.layout];
});
</script>

<template>
  <TwoColumns>
    <div class="head">
      <h1>Where each {{ experiment.plan.unitWord }} stands</h1>
      <span class="soft small"
        >{{ layoutWords
        }}<template v-if="experiment.plan.shuffleSeed !== null">
          · shuffle <span class="mono">{{ experiment.plan.shuffleSeed }}</span></template
        ></span
      >
      <span class="actions">
        <Button v-if="!store.frozen" @click="shuffle">Shuffle the {{ plural(experiment.plan.unitWord) }}</Button>
        <Button v-if="store.started && !store.amending" @click="store.amending = true">Amend the plan</Button>
        <StartButton />
      </span>
    </div>
    <AmendBar />
    <ArmsEditor />
    <FactorsEditor />
    <UnitsEditor />
    <BenchView
      :units="experiment.units"
      :arms="experiment.arms"
      :shelves="experiment.plan.bench"
      :unit-word="experiment.plan.unitWord"
      :movable="!store.frozen"
      :barriers="experiment.plan.barriers"
      @move="move"
      @barrier="barrier"
    />
    <p class="soft small hint">
      <template v-if="!store.frozen"
        >Drag a {{ experiment.plan.unitWord }}, or go to it with the arrow keys, take it up with Enter and move it. Click between two for a
        barrier. </template
      >Each {{ experiment.plan.unitWord }} counts once, however many seeds or plants it holds.
    </p>
    <BenchSettings />
    <MeasuresEditor />
    <StagesEditor />
    <KeptEditor />
    <template #margin>
      <FairTest />
      <PowerPanel />
    </template>
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
