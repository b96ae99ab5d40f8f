<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { watchDebounced } from '@vueuse/core';
import { computed } from 'vue';
import {
  changePlan,
  comparedArms,
  designOf,
  enoughUnits,
  expectedOf,
  isShare,
  kindOf,
  plural,
  primaryOf,
  replicates,
  replicateWord,
  timesInTen,
  toStartWith,
  usualSpread,
  type Plan,
  type Remedy,
} from '@fern/core';
import { LazyCanvas } from '../charts/lazyCanvas';
import { chancePicture } from '../charts/chancePicture';
import Callout from '../components/Callout.vue';
import QuantityField from '../components/QuantityField.vue';
import { useLoaded } from '../layout/loaded';
import { newSeed } from '../stores/newSeed';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { useChances } from '../workers/useChances';

/** What could this show? The chance of a clear answer against units an arm, simulated on this very design. */
const { experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const { points, enough, progress, working, failed, work, stop } = useChances();
/** Replicates of the arm that has the fewest. */
const planned = computed(() => {
  const all = replicates(experiment.value);
  return Math.min(...comparedArms(experiment.value.arms).map(({ code: arm }) => all.filter((unit) => unit.arm === arm).length));
});
const primary = computed(() => primaryOf(experiment.value.measures));
const possible = computed(() => designOf(experiment.value) !== null);

/** What the chance depends on, and nothing else: typing a name starts nothing. */
const design = computed(() => {
  const own = designOf(experiment.value);
  const arms = own?.arms.map(({ code: arm, factors }) => [arm, factors]);
  const measure = own && { ...own.measure, name: '' };
  return JSON.stringify([planned.value, { ...own, arms, measure }]);
});
function start(): void {
  if (possible.value && !documentStore.started) void work(experiment.value, planned.value);
}
watchDebounced(design, start, { debounce: 900, immediate: true });

const here = computed(() => points.value.find(({ units }) => units === planned.value));
const word = computed(() => plural(replicateWord(experiment.value)));
const share = computed(() => primary.value !== undefined && isShare(primary.value, experiment.value.units));
const unit = computed(() => (primary.value ? kindOf(primary.value).mattersIn(primary.value, share.value) : ''));
const toStart = computed(() => (enough.value === null ? null : toStartWith(enough.value, experiment.value.plan.expectedSurvival)));
const would = computed(() => {
  // Once it has started, how many would settle it is for the verdict to say, from what was seen.
  if (toStart.value === null || enough.value === null || documentStore.started) return '';
  const losses = toStart.value > enough.value ? ', with the losses that you expect' : '';
  return toStart.value <= planned.value ? ` ${toStart.value} would do${losses}.` : ` ${toStart.value} would see it 8 times in 10${losses}.`;
});
const sentence = computed(() => {
  if (!here.value) return '';
  const isAlike = primary.value !== undefined && expectedOf(primary.value) === 'alike';
  const what = `a difference of ${primary.value?.smallestDifference} ${unit.value}`;
  const shows = isAlike ? `could rule out ${what}, if there is none,` : `would notice ${what}`;
  return `With ${planned.value} ${word.value} per group you ${shows} ${timesInTen(here.value.chance)}.${would.value}`;
});

/** What the app can do about it, where the chance is small. */
const remedy = computed(() => (toStart.value === null || history.frozen ? null : enoughUnits(experiment.value, toStart.value)));
const applyRemedy = (own: Remedy) => history.edit((now) => own.apply(now, newSeed()));

const picture = computed(() => chancePicture(points.value, planned.value, word.value));
const setPlan = (more: Partial<Plan>) => history.edit((now) => changePlan(now, more));
const usual = computed(() => (share.value ? null : usualSpread(experiment.value)));
const percent = (value: number | null) => (value === null ? null : Math.round(value * 1000) / 10);
</script>

<template>
  <h2 class="head" :class="{ 'no-print': possible && points.length === 0 }">What could this show?</h2>
  <template v-if="possible">
    <Callout v-if="here" :severity="here.chance < 0.8 ? 'caution' : 'fine'" role="status" data-testid="power">
      {{ sentence }}
      <div v-if="remedy" class="remedy">
        <Button size="small" @click="applyRemedy(remedy)">{{ remedy.label }}</Button>
      </div>
    </Callout>
    <LazyCanvas v-if="points.length > 1" :configuration="picture" :height="150" :sentence="sentence" />
    <p v-if="failed" class="small" role="alert">It could not be simulated. Change a number, or try again.</p>
    <p v-if="working" class="small">
      <progress :value="progress" aria-label="How far it is simulated">{{ Math.round(progress * 100) }}%</progress>
      <button type="button" class="link" @click="stop">Stop</button>
    </p>
    <p v-else-if="!documentStore.started || points.length === 0" class="small">
      <Button size="small" @click="work(experiment, planned)">{{ points.length > 0 ? 'Simulate again' : 'Simulate this design' }}</Button>
    </p>
  </template>
  <p v-else class="small soft">
    Say what difference matters, what the control usually comes to, and how far {{ word }} differ by themselves; then this can be simulated.
  </p>
  <details v-if="!history.frozen" class="small" :open="!possible">
    <summary>The guesses behind it</summary>
    <p class="guess">
      <QuantityField
        before="control usually"
        :value="share ? percent(experiment.plan.controlGuess) : experiment.plan.controlGuess"
        label="Usual value of the control"
        :unit="share ? '%' : (primary?.unit ?? '')"
        :min="0"
        @change="setPlan({ controlGuess: $event === null ? null : share ? $event / 100 : $event })"
      />
    </p>
    <p class="guess">
      <QuantityField
        :before="`${word} differ by about`"
        :value="percent(experiment.plan.spreadGuess)"
        label="Usual spread between units"
        :unit="share ? 'percentage points' : '% of that'"
        :min="0"
        @change="setPlan({ spreadGuess: $event === null ? null : $event / 100 })"
      />
    </p>
    <p v-if="usual !== null && usual !== experiment.plan.spreadGuess" class="guess soft">
      Growers see such plants differ by about {{ percent(usual) }}%.
      <Button type="link" size="small" @click="setPlan({ spreadGuess: usual })">Use that</Button>
    </p>
  </details>
</template>

<style scoped>
.head {
  margin: 20px 0 4px;
}
.guess {
  margin: 6px 0;
}
.remedy {
  margin-top: 7px;
}
</style>
