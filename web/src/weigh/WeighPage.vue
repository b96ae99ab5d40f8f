<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, watch } from 'vue';
import { chance, claim, curvesPicture, mainPicture, sentenceText } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import MarginNote from '../kit/MarginNote.vue';
import ProblemNote from '../kit/ProblemNote.vue';
import TwoColumns from '../kit/TwoColumns.vue';
import { useLoaded } from '../frame/loaded';
import { useResult } from '../stores/result';
import MeasureNumbers from './MeasureNumbers.vue';
import MeasureSeen from './MeasureSeen.vue';
import PredictionsHeld from './PredictionsHeld.vue';

const { experiment, study } = useLoaded();
const results = useResult();
watch(study, (now) => void results.want(now), { immediate: true });
const result = computed(() => results.result);
const again = () => void results.want(study.value);
/** The rows of measures that are still in the plan, each with its measure. */
const rows = computed(() =>
  (result.value?.measures ?? []).flatMap((row) => {
    const measure = experiment.value.measures.find((own) => own.measure === row.measure);
    return measure ? [{ row, measure }] : [];
  }),
);
const primary = computed(() => rows.value.find(({ row }) => row.primary) ?? null);
const claimed = computed(() => (primary.value ? claim(experiment.value, primary.value.row) : []));
const others = computed(() => rows.value.filter(({ row }) => !row.primary));
const curves = computed(() => (primary.value ? curvesPicture(study.value, primary.value.measure, primary.value.row) : null));
const fineWords = computed(() => {
  const lines: string[] = [];
  if (experiment.value.blinded) lines.push('Read without knowing the arm.');
  const counts = rows.value.some(({ row }) => row.share);
  if (counts && !result.value?.review.some(({ rule }) => rule === 'denominator'))
    lines.push('No count is above what was sown, and none fell.');
  return lines;
});
</script>

<template>
  <TwoColumns>
    <div v-if="results.working" class="working" role="status">
      Working it out …
      <progress :value="results.progress" aria-label="How far it is worked out">{{ Math.round(results.progress * 100) }} %</progress
      ><button type="button" class="link" @click="results.stop()">Stop</button>
    </div>
    <ProblemNote :words="results.failed"><Button size="small" @click="again">Try again</Button></ProblemNote>
    <p v-if="!results.working && !result && !results.failed">Stopped. <Button size="small" @click="again">Work it out</Button></p>
    <template v-if="result && primary">
      <div v-if="study.observations.length === 0">
        <h1>Nothing to weigh up yet</h1>
        <p>
          After the first walk each {{ experiment.plan.unitWord }} stands here as a dot, with its arm’s mean and interval, and one sentence
          that says what they show.
        </p>
      </div>
      <template v-else>
        <div class="top">
          <ChartFigure :picture="mainPicture(study, primary.measure, primary.row)" heading="h1" />
          <div>
            <span class="code mono" data-testid="verdict">{{ primary.row.verdict.code.replaceAll('-', ' ') }}</span>
            <span v-if="primary.row.progress" class="soft small day"
              >So far: day {{ primary.row.progress.day }} of {{ primary.row.progress.lastDay }}</span
            >
            <p class="sentence" data-testid="sentence">{{ primary.row.verdict.sentence }}</p>
            <p v-for="(block, i) in claimed" :key="i">{{ block.kind === 'paragraph' ? sentenceText(block.text) : '' }}</p>
          </div>
        </div>
        <MeasureNumbers :study="study" :measure="primary.measure" :row="primary.row" />
        <ChartFigure v-if="curves" :picture="curves" heading="h2" class="over-time" />
        <PredictionsHeld
          v-if="experiment.plan.predictions.length > 0"
          :experiment="experiment"
          :measure="primary.measure"
          :row="primary.row"
        />
        <section v-if="others.length > 0">
          <h2>Also seen</h2>
          <p class="soft small">
            Only “{{ primary.row.name }}” decides. These are adjusted together, because many looks find something by luck.
          </p>
          <MeasureSeen v-for="{ row, measure } in others" :key="row.measure" :study="study" :measure="measure" :row="row" />
        </section>
      </template>
    </template>
    <template #margin>
      <template v-if="result && primary && study.observations.length > 0">
        <h2>Could chance do this?</h2>
        <p v-for="(block, i) in chance(primary.row)" :key="i" class="small">
          {{ block.kind === 'paragraph' ? sentenceText(block.text) : '' }}
        </p>
        <p v-if="chance(primary.row).length === 0" class="small">There is not enough yet to say.</p>
        <h2 class="later">What could have fooled us</h2>
        <MarginNote v-for="(finding, i) in result.review" :key="i" :severity="finding.severity"
          ><b>{{ finding.message }}</b> {{ finding.remedy }}</MarginNote
        >
        <MarginNote v-for="line in fineWords" :key="line" severity="fine">{{ line }}</MarginNote>
        <template v-if="experiment.plan.countsAsYes">
          <h2 class="later">What was to count as a yes</h2>
          <p class="small">{{ experiment.plan.countsAsYes }}</p>
        </template>
        <template v-if="experiment.plan.decision">
          <h2 class="later">What to do with it</h2>
          <p class="small">{{ experiment.plan.decision }}</p>
        </template>
        <template v-if="experiment.plan.notTested.length > 0">
          <h2 class="later">Not tested here</h2>
          <p class="small">{{ experiment.plan.notTested.join('; ') }}.</p>
        </template>
      </template>
    </template>
  </TwoColumns>
</template>

<style scoped>
.working {
  display: grid;
  grid-template-columns: auto 200px auto;
  gap: 12px;
  align-items: center;
  margin-bottom: 14px;
}
.top {
  display: grid;
  grid-template-columns: minmax(0, 1.55fr) minmax(240px, 1fr);
  gap: 26px;
}
.code {
  display: inline-block;
  padding: 3px 10px 4px;
  border-radius: 4px;
  background: var(--ink);
  color: #fff;
  font-size: 13.5px;
}
.day {
  margin-left: 10px;
}
.sentence {
  margin: 12px 0;
  font: 500 18px/1.42 var(--head);
}
.over-time {
  margin-top: 22px;
}
@media (max-width: 900px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
