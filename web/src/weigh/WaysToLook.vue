<script setup lang="ts">
import { computed, ref } from 'vue';
import { photoDays, picturesOf, placeSeen, plural, replicateWord, randomisationDemo, type Shown } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import ArmPhotos from './ArmPhotos.vue';
import BenchMap from './BenchMap.vue';
import LeaveOneOut from './LeaveOneOut.vue';
import RepeatRuns from './RepeatRuns.vue';
import RandomisationDemo from './RandomisationDemo.vue';

/** The same data seen other ways, one at a time. */
const props = defineProps<{ shown: Shown; id: string }>();
const pictures = computed(() => picturesOf(props.shown).slice(1));
const word = computed(() => replicateWord(props.shown.study.experiment));
const named: Readonly<Record<string, string>> = {
  curves: 'Over time',
  pairs: 'Pair by pair',
  blocks: 'Block by block',
  claimed: 'The claim',
  steps: 'Step by step',
  days: 'Day by day',
};
const nameOf = (id: string) => named[id.split('.').at(-1) ?? ''] ?? `Each ${word.value}`;
const shuffle = computed(() => randomisationDemo(props.shown));
const ways = computed(() => [
  ...pictures.value.map(({ id }) => ({ way: id, name: nameOf(id) })),
  ...(shuffle.value ? [{ way: 'shuffle', name: 'The shuffle' }] : []),
  ...(placeSeen(props.shown) ? [{ way: 'map', name: 'Map of the bench' }] : []),
  ...(props.shown.result.values.length > 2 ? [{ way: 'out', name: `Leave ${plural(word.value)} out` }] : []),
  { way: 'runs', name: 'Other runs' },
  ...(photoDays(props.shown.study).length > 0 ? [{ way: 'photos', name: 'Photos' }] : []),
]);
const chosen = ref('');
const way = computed(() => ways.value.find((own) => own.way === chosen.value)?.way ?? ways.value[0]?.way);
const picture = computed(() => pictures.value.find(({ id }) => id === way.value) ?? null);
defineExpose({ choose: (next: string) => (chosen.value = next) });
</script>

<template>
  <section v-if="ways.length > 0" aria-labelledby="ways-head">
    <h2 id="ways-head">Look at it another way</h2>
    <div class="ways" role="group" aria-labelledby="ways-head">
      <button v-for="own in ways" :key="own.way" type="button" :aria-pressed="own.way === way" @click="chosen = own.way">
        {{ own.name }}
      </button>
    </div>
    <ChartFigure v-if="picture" :picture="picture" />
    <RandomisationDemo v-else-if="way === 'shuffle' && shuffle" :shuffle="shuffle" />
    <BenchMap v-else-if="way === 'map'" :shown="shown" />
    <LeaveOneOut v-else-if="way === 'out'" :shown="shown" />
    <RepeatRuns v-else-if="way === 'runs'" :id="id" :shown="shown" />
    <ArmPhotos v-else :study="shown.study" />
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 10px;
  scroll-margin-top: 64px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 14px;
}
button {
  min-height: 36px;
  padding: 4px 14px;
  border: 1px solid var(--border);
  border-radius: 18px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  cursor: pointer;
}
button:hover {
  border-color: var(--sprout);
}
button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--ink);
  color: #fff;
}
@media (max-width: 600px) {
  button {
    min-height: 44px;
  }
}
@media print {
  .ways {
    display: none;
  }
}
</style>
