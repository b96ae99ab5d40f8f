<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import {
  changePlan,
  leftOut,
  longDate,
  mechanismChecks,
  mechanismWords,
  ownLinesOf,
  predictionCheck,
  predictionCheckWords,
  predictionSeverity,
  putBack,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import LinesField from '../components/LinesField.vue';
import OwnLines from '../components/OwnLines.vue';
import LongField from '../components/LongField.vue';
import Callout from '../components/Callout.vue';
import TextField from '../components/TextField.vue';
import UnwordedNote from '../layout/UnwordedNote.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import ArmPhrases from './ArmPhrases.vue';
import AskedPicker from './AskedPicker.vue';
import ClaimKept from './ClaimKept.vue';
import DeleteExperiment from './DeleteExperiment.vue';
import ContradictedLines from '../layout/ContradictedLines.vue';
import HypothesisNotes from './HypothesisNotes.vue';
import PredictionList from './PredictionList.vue';

const { id, experiment, study } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const router = useRouter();
const place = computed(() => (experiment.value.claim === null ? [] : mechanismChecks(experiment.value).map((own) => mechanismWords[own])));
const sealed = computed(() => study.value.observations.length > 0);
const predicted = computed(() => predictionCheck(study.value));
const set = (field: 'title' | 'question' | 'hypothesis' | 'nullHypothesis') => (value: string) =>
  history.edit((now) => ({ ...now, [field]: value }));
const setNotTested = (lines: string[]) => history.edit((now) => changePlan(now, { notTested: lines.filter((line) => line.trim() !== '') }));
</script>

<template>
  <TwoColumns>
    <div class="head">
      <h1>{{ history.frozen ? 'What was asked' : 'Say it so that it can be tested' }}</h1>
      <Button type="primary" size="large" @click="router.push({ name: 'plan', params: { id } })">{{
        history.frozen ? 'See the plan' : 'Plan the test'
      }}</Button>
    </div>
    <p v-if="history.frozen" class="soft small">
      The question is frozen since the start on {{ longDate(experiment.plan.lockedOn ?? '') }}.
    </p>
    <div class="fields">
      <label
        >Title<TextField
          :value="experiment.title"
          label="Title"
          :maxlength="200"
          :error="documentStore.errorAt('/title') !== null"
          @change="set('title')($event)"
      /></label>
      <div class="two">
        <label
          >Plant<TextField
            :value="experiment.plan.plant"
            label="Plant"
            lazy
            :disabled="history.frozen"
            @change="(plant) => history.edit((now) => changePlan(now, { plant }))"
        /></label>
        <label
          >What is changed on purpose<TextField
            :value="experiment.plan.changed"
            label="What is changed on purpose"
            lazy
            :disabled="history.frozen"
            @change="(changed) => history.edit((now) => changePlan(now, { changed }))"
        /></label>
      </div>
      <label
        >Question<LongField :value="experiment.question" label="Question" :disabled="history.frozen" @change="set('question')($event)"
      /></label>
      <UnwordedNote text="question" name="the question" />
      <label
        >Hypothesis: what you expect, as a sentence that could turn out wrong<LongField
          :value="experiment.hypothesis"
          label="Hypothesis: what you expect, as a sentence that could turn out wrong"
          :disabled="history.frozen"
          @change="set('hypothesis')($event)"
      /></label>
      <UnwordedNote text="hypothesis" name="the hypothesis" />
      <ArmPhrases />
      <AskedPicker />
      <label
        >Null hypothesis: that nothing is different<LongField
          :value="experiment.nullHypothesis"
          label="Null hypothesis: that nothing is different"
          :disabled="history.frozen"
          @change="set('nullHypothesis')($event)"
      /></label>
      <UnwordedNote text="nullHypothesis" name="the null hypothesis" />
    </div>
    <ClaimKept />
    <PredictionList :sealed="sealed" />
    <template #sidebar>
      <h2>A good question</h2>
      <HypothesisNotes :experiment="experiment" />
      <ContradictedLines in="hypothesis" />
      <Callout v-if="experiment.nullHypothesis.trim()" severity="fine">A null hypothesis is written down.</Callout>
      <Callout v-else severity="serious">There is no null hypothesis yet: that it makes no difference.</Callout>
      <Callout :severity="predictionSeverity[predicted.is]">{{ predictionCheckWords(predicted) }}</Callout>
      <template v-if="place.length > 0">
        <h2 class="later">Can it work here?</h2>
        <Callout v-for="{ message, remedy } in place" :key="message" severity="caution"
          ><b>{{ message }}</b> {{ remedy }}</Callout
        >
      </template>
      <h2 class="later">Not tested here</h2>
      <p class="soft small">What else people claim of it, one a line. The report will say that it was not tested.</p>
      <LinesField :value="experiment.plan.notTested" label="What is not tested, one a line" @change="setNotTested" />
      <OwnLines
        v-if="experiment.plan.lockedOn === null"
        :own="ownLinesOf(experiment, 'notTested').length"
        :gone="leftOut(experiment, 'notTested')"
        @back="(line) => history.edit((now) => putBack(now, 'notTested', line))"
      />
      <div class="later"><DeleteExperiment /></div>
    </template>
  </TwoColumns>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  max-width: 760px;
  margin-bottom: 26px;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 14px;
}
label {
  display: grid;
  gap: 5px;
  font-weight: 700;
}
</style>
