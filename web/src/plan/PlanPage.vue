<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { moveUnit, plural, redesign, replicateWord, toggleBarrier, isSealed } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../layout/loaded';
import TwoColumns from '../components/TwoColumns.vue';
import { useDeferred } from '../components/useDeferred';
import { newSeed } from '../stores/newSeed';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import AmendBar from './AmendBar.vue';
import ArmsEditor from './ArmsEditor.vue';
import BenchSettings from './BenchSettings.vue';
import ContradictedLines from '../layout/ContradictedLines.vue';
import DifferencesEditor from './DifferencesEditor.vue';
import FactorsEditor from './FactorsEditor.vue';
import FairTest from './FairTest.vue';
import KeptEditor from './KeptEditor.vue';
import MeasuresEditor from './MeasuresEditor.vue';
import PowerPanel from './PowerPanel.vue';
import SharingEditor from './SharingEditor.vue';
import CropNote from './CropNote.vue';
import StagesEditor from './StagesEditor.vue';
import StartButton from './StartButton.vue';
import UnitsEditor from './UnitsEditor.vue';

const { experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const later = useDeferred();
const shuffle = () => history.edit((now) => redesign(now, { seed: newSeed() }));
const move = (unit: string, row: number, column: number) =>
  history.edit((now) => ({ ...now, units: moveUnit(now.units, unit, row, column) }));
const barrier = (row: number, column: number) => history.edit((now) => toggleBarrier(now, row, column));
const layoutWords = computed(() => {
  const blocks = new Set(experiment.value.units.map((unit) => unit.block)).size;
  return { 'completely-random': 'all together', blocks: `${blocks} blocks`, pairs: `${blocks} pairs` }[experiment.value.layout];
});
</script>

<template>
  <TwoColumns>
    <div class="head">
      <h1>Where each {{ experiment.plan.unitNoun }} stands</h1>
      <span class="soft small"
        >{{ layoutWords
        }}<template v-if="experiment.plan.randomisationSeed !== null">
          · shuffle number <span class="mono">{{ experiment.plan.randomisationSeed }}</span></template
        ></span
      >
      <span class="actions">
        <Button v-if="!documentStore.started" @click="shuffle">Shuffle the {{ plural(experiment.plan.unitNoun) }}</Button>
        <Button v-if="documentStore.started && !history.amending" @click="history.beginAmendment()">Amend the plan</Button>
        <StartButton />
      </span>
    </div>
    <AmendBar />
    <ArmsEditor />
    <FactorsEditor />
    <UnitsEditor />
    <CropNote />
    <SharingEditor />
    <BenchView
      v-bind="benchOf(experiment)"
      :blind="isSealed(experiment)"
      :movable="!documentStore.started"
      @move="move"
      @barrier="barrier"
    />
    <p class="soft small hint">
      <template v-if="!documentStore.started"
        >Drag a {{ experiment.plan.unitNoun }}, or go to it with the arrow keys, take it up with Enter and move it. Click between two, or
        press b, for a barrier. </template
      >Each {{ replicateWord(experiment) }} counts once, however many seeds or plants it holds.
    </p>
    <template v-if="later">
      <BenchSettings />
      <MeasuresEditor />
      <StagesEditor />
      <KeptEditor />
      <ContradictedLines in="kept" />
      <DifferencesEditor />
    </template>
    <template #sidebar>
      <FairTest />
      <PowerPanel v-if="later" />
    </template>
  </TwoColumns>
</template>

<style scoped>
.head {
  align-items: baseline;
  justify-content: start;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-left: auto;
}
.hint {
  margin: 8px 0 22px;
}
</style>
