<script setup lang="ts">
import { computed } from 'vue';
import { addMeasure, changePlan, lastReadingDay } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import ContradictedLines from '../layout/ContradictedLines.vue';
import UnwordedNote from '../layout/UnwordedNote.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import MeasureEditor from './MeasureEditor.vue';

/** Everything that is read, when, and when it all ends. */
const { experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const last = computed(() => lastReadingDay(experiment.value));
</script>

<template>
  <div class="head">
    <h2>What is read, and when</h2>
    <label class="soft small end"
      >ends
      <TextField
        small
        :value="experiment.plan.endRule"
        :disabled="history.frozen"
        label="When it ends"
        placeholder="day 10, or when nothing new comes"
        @change="(endRule) => history.edit((now) => changePlan(now, { endRule }))"
    /></label>
    <UnwordedNote text="endRule" name="the end" />
    <ContradictedLines in="endRule" />
    <AddButton v-if="!history.frozen" @add="history.edit(addMeasure)">Add a measure</AddButton>
  </div>
  <label class="small blind"
    ><input
      type="checkbox"
      :checked="experiment.blinded"
      :disabled="history.frozen"
      @change="history.edit((now) => ({ ...now, blinded: !now.blinded }))"
    />
    read blind: the walk hides the groups, and the codes tell nothing of them</label
  >
  <ProblemNote :words="documentStore.errorAt('/measures')" />
  <div data-list>
    <MeasureEditor v-for="measure in experiment.measures" :key="measure.code" :measure="measure" :last="last" />
  </div>
</template>

<style scoped>
.head {
  align-items: baseline;
  justify-content: start;
  margin-bottom: 6px;
}
.blind {
  display: flex;
  gap: 6px;
  align-items: baseline;
}
.end {
  display: inline-flex;
  max-width: 100%;
  gap: 6px;
  align-items: baseline;
}
.end :deep(input) {
  width: 270px;
  min-width: 0;
}
.head .link {
  margin-left: auto;
}
</style>
