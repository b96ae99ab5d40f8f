<script setup lang="ts">
import { Button } from 'ant-design-vue';
import type { ChartConfiguration } from 'chart.js';
import { watchDebounced } from '@vueuse/core';
import { computed } from 'vue';
import { plural, powerTruth, timesInTen, wishOf, type Experiment } from '@fern/core';
import ChartCanvas from '../charts/ChartCanvas.vue';
import NumberField from '../frame/NumberField.vue';
import { useExperiment } from '../stores/experiment';
import { colours } from '../theme/theme';
import { useChances } from '../workers/useChances';

/** What could this show? The chance of a clear answer against units an arm, simulated on this very design. */
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const { points, enough, progress, working, work, stop } = useChances();
const planned = computed(() => wishOf(experiment.value).unitsPerArm);
const primary = computed(() => experiment.value.measures.find((measure) => measure.primary));
const possible = computed(() => powerTruth(experiment.value) !== null);

/** What the chance depends on, and nothing else: typing a name starts nothing. */
const design = computed(() => {
  const { arms, layout, comparison, plan } = experiment.value;
  const { kind, higherIs, smallestDifference, readingDays } = primary.value ?? {};
  return JSON.stringify([
    arms.map(({ arm, role, dose }) => [arm, role, dose]),
    planned.value,
    wishOf(experiment.value).sown,
    layout,
    wishOf(experiment.value).blocks,
    comparison,
    kind,
    higherIs,
    smallestDifference,
    readingDays,
    plan.spreadGuess,
    plan.controlGuess,
  ]);
});
const start = () => possible.value && !store.started && void work(experiment.value, planned.value);
watchDebounced(design, start, { debounce: 900, immediate: true });

const here = computed(() => points.value.find(({ units }) => units === planned.value));
const word = computed(() => plural(experiment.value.plan.unitWord));
const share = computed(() => primary.value?.kind === 'count');
const unit = computed(
  () =>
    ({ count: 'points', event: 'days', rating: 'steps', amount: primary.value?.unit ?? '', harvest: primary.value?.unit ?? '' })[
      primary.value?.kind ?? 'amount'
    ],
);
const sentence = computed(() => {
  if (!here.value) return '';
  const would =
    enough.value === undefined
      ? ''
      : enough.value === null
        ? ' Not even 60 would do.'
        : enough.value <= planned.value
          ? ` ${enough.value} would do.`
          : ` ${enough.value} would see it 8 times in 10.`;
  return `With ${planned.value} ${word.value} an arm you would notice a difference of ${primary.value?.smallestDifference} ${unit.value} ${timesInTen(here.value.chance)}.${would}`;
});

const configuration = computed<ChartConfiguration>(() => ({
  type: 'line',
  data: {
    datasets: [
      {
        data: points.value.map(({ units, chance }) => ({ x: units, y: 100 * chance })),
        borderColor: colours.ink,
        borderWidth: 2.2,
        pointRadius: points.value.map(({ units }) => (units === planned.value ? 6 : 2)),
        pointBackgroundColor: points.value.map(({ units }) => (units === planned.value ? colours.pollen : colours.ink)),
        pointBorderColor: colours.ink,
        tension: 0.25,
      },
      {
        data: [
          { x: 2, y: 80 },
          { x: Math.max(24, planned.value), y: 80 },
        ],
        borderColor: colours.line,
        borderWidth: 1.5,
        borderDash: [4, 4],
        pointRadius: 0,
      },
    ],
  },
  options: {
    scales: {
      x: { type: 'linear', min: 0, title: { display: true, text: `${word.value} an arm` }, grid: { display: false } },
      y: { type: 'linear', min: 0, max: 100, ticks: { stepSize: 20, callback: (value) => `${value} %` } },
    },
    plugins: { tooltip: { callbacks: { title: () => '', label: ({ parsed }) => `${parsed.x} an arm: ${Math.round(parsed.y ?? 0)} %` } } },
  },
}));
const setPlan = (more: Partial<Experiment['plan']>) => store.change((now) => ({ ...now, plan: { ...now.plan, ...more } }));
const percent = (value: number | null) => (value === null ? null : Math.round(value * 1000) / 10);
</script>

<template>
  <h2 class="head">What could this show?</h2>
  <template v-if="possible">
    <p v-if="sentence" class="small" role="status" data-testid="power">{{ sentence }}</p>
    <ChartCanvas v-if="points.length > 1" :configuration="configuration" :height="150" :sentence="sentence" />
    <p v-if="working" class="small">
      <progress :value="progress" aria-label="How far it is simulated">{{ Math.round(progress * 100) }} %</progress>
      <button type="button" class="link" @click="stop">Stop</button>
    </p>
    <p v-else-if="!store.started || points.length === 0" class="small">
      <Button size="small" @click="work(experiment, planned)">{{ points.length > 0 ? 'Simulate again' : 'Simulate this design' }}</Button>
    </p>
  </template>
  <p v-else class="small soft">
    Say what difference matters, what the control usually comes to, and how far {{ word }} differ by themselves; then this can be simulated.
  </p>
  <details v-if="!store.frozen" class="small" :open="!possible">
    <summary>The guesses behind it</summary>
    <p class="guess">
      <span>control usually</span
      ><NumberField
        :value="share ? percent(experiment.plan.controlGuess) : experiment.plan.controlGuess"
        label="Usual value of the control"
        :min="0"
        empty
        :width="76"
        @change="setPlan({ controlGuess: $event === null ? null : share ? $event / 100 : $event })"
      /><span>{{ share ? '%' : primary?.unit }}</span>
    </p>
    <p class="guess">
      <span>{{ word }} differ by about</span
      ><NumberField
        :value="percent(experiment.plan.spreadGuess)"
        label="Usual spread between units"
        :min="0"
        empty
        :width="76"
        @change="setPlan({ spreadGuess: $event === null ? null : $event / 100 })"
      /><span>{{ share ? 'points' : '% of that' }}</span>
    </p>
  </details>
</template>

<style scoped>
.head {
  margin: 20px 0 4px;
}
.guess {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: baseline;
  margin: 6px 0;
}
</style>
