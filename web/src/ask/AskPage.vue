<script setup lang="ts">
import { Button, Input, Textarea } from 'ant-design-vue';
import { computed, reactive } from 'vue';
import { useRouter } from 'vue-router';
import { longDate, type Experiment } from '@fern/core';
import MarginNote from '../frame/MarginNote.vue';
import TextLines from '../frame/TextLines.vue';
import TwoColumns from '../frame/TwoColumns.vue';
import { useExperiment } from '../stores/experiment';
import { today } from '../stores/today';
import DeleteExperiment from './DeleteExperiment.vue';

const store = useExperiment();
const router = useRouter();
const experiment = computed(() => store.experiment as Experiment);
const sealed = computed(() => (store.study?.observations.length ?? 0) > 0);
const set = (field: 'title' | 'question' | 'hypothesis' | 'nullHypothesis') => (event: Event) => {
  const { value } = event.target as HTMLTextAreaElement;
  store.change((now) => ({ ...now, [field]: value }));
};
const prediction = reactive({ person: '', expects: '', reason: '' });
function addPrediction(): void {
  if (prediction.person.trim() === '' || prediction.expects.trim() === '') return;
  const added = { person: prediction.person.trim(), expects: prediction.expects.trim(), reason: prediction.reason.trim(), on: today() };
  store.change((now) => ({ ...now, plan: { ...now.plan, predictions: [...now.plan.predictions, added] } }));
  Object.assign(prediction, { person: '', expects: '', reason: '' });
}
function removePrediction(index: number): void {
  store.change((now) => ({ ...now, plan: { ...now.plan, predictions: now.plan.predictions.filter((_, i) => i !== index) } }));
}
const setNotTested = (lines: string[]) =>
  store.change((now) => ({ ...now, plan: { ...now.plan, notTested: lines.filter((line) => line.trim() !== '') } }));
</script>

<template>
  <TwoColumns>
    <div class="head">
      <h1>{{ store.frozen ? 'What was asked' : 'Say it so that it can be tested' }}</h1>
      <Button type="primary" size="large" @click="router.push({ name: 'plan', params: { id: store.id } })">{{
        store.frozen ? 'See the plan' : 'Plan the test'
      }}</Button>
    </div>
    <p v-if="store.frozen" class="soft small">The question is frozen since the start on {{ longDate(experiment.plan.frozenOn ?? '') }}.</p>
    <div class="fields">
      <label
        >Title<Input
          :value="experiment.title"
          :maxlength="200"
          :status="store.wrongAt('/title') ? 'error' : ''"
          @change="set('title')($event)"
      /></label>
      <label
        >Question<Textarea
          :value="experiment.question"
          :disabled="store.frozen"
          :auto-size="{ minRows: 2 }"
          @change="set('question')($event)"
      /></label>
      <label
        >Hypothesis: what you expect, as a sentence that could turn out wrong<Textarea
          :value="experiment.hypothesis"
          :disabled="store.frozen"
          :auto-size="{ minRows: 2 }"
          @change="set('hypothesis')($event)"
      /></label>
      <label
        >Null hypothesis: that nothing is different<Textarea
          :value="experiment.nullHypothesis"
          :disabled="store.frozen"
          :auto-size="{ minRows: 2 }"
          @change="set('nullHypothesis')($event)"
      /></label>
    </div>
    <h2>Predictions</h2>
    <p class="soft small">
      {{ sealed ? 'Sealed since the first reading.' : 'Everyone says what they expect and why. They are sealed with the first reading.' }}
    </p>
    <ul class="predictions">
      <li v-for="(item, i) in experiment.plan.predictions" :key="i">
        <span
          ><b>{{ item.person }}</b
          >: {{ item.expects }}<template v-if="item.reason">, because {{ item.reason }}</template></span
        >
        <button
          v-if="!sealed"
          type="button"
          class="link"
          :aria-label="`Take away the prediction of ${item.person}`"
          @click="removePrediction(i)"
        >
          Take away
        </button>
      </li>
    </ul>
    <form v-if="!sealed" class="predict" @submit.prevent="addPrediction">
      <Input v-model:value="prediction.person" placeholder="Who" aria-label="Who predicts" :maxlength="120" />
      <Input v-model:value="prediction.expects" placeholder="expects …" aria-label="What they expect" :maxlength="300" />
      <Input v-model:value="prediction.reason" placeholder="because …" aria-label="Why they expect it" :maxlength="300" />
      <Button html-type="submit">Add the prediction</Button>
    </form>
    <template #margin>
      <h2>A good question</h2>
      <MarginNote :severity="experiment.hypothesis.trim() ? 'fine' : 'serious'"
        >The hypothesis names the plant, what is done, what is read, and against what.</MarginNote
      >
      <MarginNote :severity="experiment.nullHypothesis.trim() ? 'fine' : 'serious'">The null says that it makes no difference.</MarginNote>
      <MarginNote :severity="experiment.plan.predictions.length > 0 ? 'fine' : 'caution'">{{
        experiment.plan.predictions.length > 0
          ? 'Predictions are written down before the data.'
          : 'No prediction yet. It is easy to have known it all along afterwards.'
      }}</MarginNote>
      <h2 class="later">Not tested here</h2>
      <p class="soft small">What else people claim of it, one a line. The report will say that it was not tested.</p>
      <TextLines :value="experiment.plan.notTested" label="What is not tested, one a line" @change="setNotTested" />
      <div class="later"><DeleteExperiment /></div>
    </template>
  </TwoColumns>
</template>

<style scoped>
.head {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 14px;
}
.fields {
  display: grid;
  gap: 14px;
  max-width: 760px;
  margin-bottom: 26px;
}
label {
  display: grid;
  gap: 5px;
  font-weight: 700;
}
.predictions {
  max-width: 760px;
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.predictions li {
  display: flex;
  gap: 16px;
  justify-content: space-between;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
.predict {
  display: grid;
  grid-template-columns: 1fr 1.6fr 1.6fr auto;
  gap: 10px;
  max-width: 900px;
}
.later {
  margin-top: 24px;
}
@media (max-width: 700px) {
  .predict {
    grid-template-columns: 1fr;
  }
}
</style>
