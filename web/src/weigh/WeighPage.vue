<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { answerLine, answerOf, askedTable, claim, picturesOf, sentenceText, shownMeasures, weightOf } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import DataTable from '../components/DataTable.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useLoaded } from '../layout/loaded';
import { useResult } from '../stores/result';
import ExampleDots from './ExampleDots.vue';
import MeasureNumbers from './MeasureNumbers.vue';
import MeasureSeen from './MeasureSeen.vue';
import PredictionOutcomes from './PredictionOutcomes.vue';
import VerdictLeaf from './VerdictLeaf.vue';
import WaysToLook from './WaysToLook.vue';
import WeighSidebar from './WeighSidebar.vue';

const { id, experiment, study } = useLoaded();
const results = useResult();
watch(study, (now) => void results.want(now), { immediate: true });
const result = computed(() => results.result);
const again = () => void results.want(study.value);
const all = computed(() => (result.value ? shownMeasures(study.value, result.value) : []));
const primary = computed(() => all.value.find((own) => own.result.primary) ?? null);
const others = computed(() => all.value.filter((own) => !own.result.primary));
const claimed = computed(() => (primary.value ? claim(experiment.value, primary.value.result) : []));
const begun = computed(() => study.value.observations.length > 0);
const headline = computed(() => {
  if (!begun.value && result.value) return 'Nothing to weigh up yet';
  if (primary.value) return answerOf(primary.value);
  if (results.failed) return 'It could not be weighed up';
  return results.working ? 'Weighing it up …' : 'Stopped';
});
const ways = ref<InstanceType<typeof WaysToLook> | null>(null);

function look(way: string): void {
  ways.value?.choose(way);
  document.getElementById('ways-head')?.scrollIntoView();
}
</script>

<template>
  <TwoColumns>
    <div v-if="results.working" class="working" role="status">
      Working it out …
      <progress :value="results.progress" aria-label="How far it is worked out">{{ Math.round(results.progress * 100) }}%</progress
      ><button type="button" class="link" @click="results.stop()">Stop</button>
    </div>
    <ProblemNote :words="results.failed"><Button size="small" @click="again">Try again</Button></ProblemNote>
    <p v-if="!results.working && !result && !results.failed"><Button size="small" @click="again">Work it out</Button></p>
    <header class="answer">
      <VerdictLeaf v-if="primary && begun" :code="primary.result.verdict.code" />
      <div>
        <h1>{{ headline }}</h1>
        <p v-if="primary && begun" class="soft">
          <b data-testid="verdict">{{ weightOf(primary.result.verdict.code)[1] }}</b> · {{ answerLine(primary) }}
        </p>
      </div>
    </header>
    <template v-if="result && primary">
      <div v-if="!begun">
        <p>
          After the first round, each {{ experiment.plan.unitNoun }} appears here as a dot, with the mean and confidence interval of its
          group. One sentence sums it up.
        </p>
        <ExampleDots />
        <RouterLink :to="{ name: 'log', params: { id } }"><Button type="primary">Go to the log</Button></RouterLink>
      </div>
      <template v-else>
        <ChartFigure :picture="picturesOf(primary)[0]" :heading="null" />
        <section aria-labelledby="sure">
          <h2 id="sure">How sure</h2>
          <p class="sentence" data-testid="sentence">{{ primary.result.verdict.sentence }}</p>
          <p v-for="(block, i) in claimed" :key="i">{{ block.kind === 'paragraph' ? sentenceText(block.text) : '' }}</p>
          <DataTable
            v-if="primary.result.comparisons.length > 0"
            v-bind="askedTable(study, primary.measure, primary.result)"
            hide-caption
          />
        </section>
        <WaysToLook :id="id" ref="ways" :shown="primary" />
        <PredictionOutcomes v-if="experiment.plan.predictions.length > 0" :shown="primary" />
        <section v-if="others.length > 0">
          <h2>Also seen</h2>
          <p class="soft small">
            Only “{{ primary.measure.name }}” decides the verdict. These p-values are adjusted, because looking at many measurements turns
            up chance findings.
          </p>
          <MeasureSeen v-for="own in others" :key="own.measure.code" :study="study" :measure="own.measure" :row="own.result" />
        </section>
        <details class="course">
          <summary>For a course report: every number, test and formula of {{ primary.measure.name }}</summary>
          <MeasureNumbers :study="study" :measure="primary.measure" :row="primary.result" />
        </details>
      </template>
    </template>
    <template #sidebar>
      <WeighSidebar v-if="result && primary && begun" :shown="primary" :result="result" @look="look" />
    </template>
  </TwoColumns>
</template>

<style scoped>
.working {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-bottom: 14px;
}
.answer {
  display: flex;
  gap: 16px;
  align-items: flex-start;
  margin-bottom: 10px;
}
.answer h1 {
  max-width: 840px;
  margin: 0;
  overflow-wrap: anywhere;
}
.answer p {
  margin: 4px 0 0;
}
.sentence {
  max-width: 840px;
  font: 500 18px/1.42 var(--head);
}
section {
  margin-top: 26px;
}
h2 {
  margin-bottom: 8px;
}
.course {
  margin: 26px 0 10px;
}
.course summary {
  font-weight: 700;
}
</style>
