<script setup lang="ts">
import { Button, Spin } from 'ant-design-vue';
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { plural, shortDate } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import MarginNote from '../frame/MarginNote.vue';
import TopRail from '../frame/TopRail.vue';
import TwoColumns from '../frame/TwoColumns.vue';
import { useExperiment } from '../stores/experiment';
import { useExperiments } from '../stores/experiments';
import { useOutbox } from '../stores/outbox';
import LostDialog from './LostDialog.vue';
import WrongDialog from './WrongDialog.vue';
import { placeWords } from './placeWords';
import { useWalk } from './useWalk';

const props = defineProps<{ id: string; day: string }>();
const store = useExperiment();
const outbox = useOutbox();
watch(
  () => props.id,
  (id) => void store.open(id),
  { immediate: true },
);
onBeforeUnmount(() => void useExperiments().load());

const { stops, at, stop, before, typed, note, wrong, asked, left, finished, done, goTo, take, tally } = useWalk(() => Number(props.day));
const field = ref<HTMLInputElement | null>(null);
const noteOpen = ref(false);
const lostOpen = ref(false);
const wrongOpen = ref(false);
const word = computed(() => store.experiment?.plan.unitWord ?? 'unit');
const question = computed(() => {
  const measure = stop.value?.measure;
  if (!measure) return '';
  const name = measure.name.toLowerCase();
  return {
    count: `How many: ${name}?`,
    amount: `${measure.name}, in ${measure.unit || 'its unit'}?`,
    rating: `Which step fits: ${name}?`,
    event: `Has it happened: ${name}?`,
    harvest: `Picked today: ${name}, in ${measure.unit}?`,
  }[measure.kind];
});
const choices = computed(() => {
  const measure = stop.value?.measure;
  if (measure?.kind === 'event')
    return [
      { value: 0, words: 'not yet' },
      { value: 1, words: 'yes, it has' },
    ];
  return measure?.kind === 'rating' ? measure.rubric : [];
});
const single = computed(() => stop.value?.measure.kind === 'count');
const tiles = computed(() => {
  const sown = stop.value?.unit.sown ?? 0;
  return single.value && sown > 0 && sown <= 60 ? Array.from({ length: sown }, (_, i) => i < Number(typed.value)) : [];
});

watch(
  [at, finished],
  () =>
    void nextTick(() => {
      noteOpen.value = note.value !== '';
      field.value?.focus();
      field.value?.select();
    }),
  { immediate: true },
);

/** Letters are keys here, so that a hand stays on the digits. */
function key(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const act: Record<string, () => void> = {
    Enter: () => take(asked.value.length > 0),
    '+': () => tally(1),
    k: () => tally(1),
    '-': () => tally(-1),
    j: () => tally(-1),
    n: () => {
      noteOpen.value = true;
    },
    x: () => {
      lostOpen.value = true;
    },
    w: () => {
      wrongOpen.value = true;
    },
    u: () => goTo(at.value - 1),
  };
  if (event.key === 'Backspace' && typed.value === '') act.Backspace = () => goTo(at.value - 1);
  const run = act[event.key];
  if (!run) return;
  event.preventDefault();
  run();
}
function choose(value: number): void {
  typed.value = String(value);
  take();
}
</script>

<template>
  <TopRail :title="store.experiment?.title" />
  <p v-if="store.error" class="message" role="alert">{{ store.error }} <Button size="small" @click="store.reload()">Try again</Button></p>
  <p v-else-if="!store.experiment" class="message"><Spin /> Opening the walk …</p>
  <p v-else-if="stops.length === 0" class="message">
    Nothing is read on day {{ day }}. <RouterLink :to="{ name: 'log', params: { id } }">Go to the log</RouterLink>
  </p>
  <TwoColumns v-else :margin="430" class="walk">
    <section v-if="finished" class="over">
      <h1>{{ left === 0 ? `All ${plural(word)} are read` : `${left} ${left === 1 ? 'reading is' : 'readings are'} still missing` }}</h1>
      <p class="soft">Day {{ day }} of {{ store.experiment.title }}.</p>
      <p class="buttons">
        <Button v-if="left > 0" type="primary" size="large" @click="goTo(stops.findIndex(({ reading }) => reading === null))"
          >Go to the first missing one</Button
        >
        <RouterLink :to="{ name: 'weigh', params: { id } }"
          ><Button :type="left === 0 ? 'primary' : 'default'" size="large">Weigh up</Button></RouterLink
        >
        <RouterLink to="/"><Button size="large">Back to Today</Button></RouterLink>
        <button type="button" class="link" @click="goTo(stops.length - 1)">Back to the last {{ word }}</button>
      </p>
    </section>
    <section v-else-if="stop" data-own-keys @keydown="choices.length > 0 && key($event)">
      <div class="where">
        <span class="code mono" data-testid="unit">{{ stop.unit.unit }}</span>
        <span class="soft"
          >{{ placeWords(store.experiment, stop.unit)
          }}<template v-if="stop.unit.sown !== null && single"> · {{ stop.unit.sown }} sown</template></span
        >
        <span class="soft right">{{ at + 1 }} of {{ stops.length }}</span>
      </div>
      <h1>{{ question }}</h1>
      <div v-if="choices.length > 0" class="choices">
        <button
          v-for="choice in choices"
          :key="choice.value"
          type="button"
          :class="{ on: stop.reading?.value === choice.value }"
          @click="choose(choice.value)"
        >
          <b class="mono">{{ choice.value }}</b> {{ choice.words }}
        </button>
      </div>
      <div v-else class="entry">
        <button v-if="single" type="button" class="step" aria-label="One less" @click="tally(-1)">−</button>
        <input
          ref="field"
          v-model="typed"
          class="mono"
          inputmode="decimal"
          autocomplete="off"
          :aria-label="question"
          :aria-invalid="wrong !== null"
          @keydown="key"
          @input="asked = []"
        />
        <button v-if="single" type="button" class="step" aria-label="One more" @click="tally(1)">+</button>
        <span v-else class="unit">{{ stop.measure.unit }}</span>
      </div>
      <p class="soft small last">
        {{
          before ? `Last time: ${before.value} ${stop.measure.unit} (${shortDate(before.observedOn)})` : 'The first reading of this one.'
        }}
      </p>
      <div v-if="tiles.length > 0" class="tiles" aria-hidden="true"><i v-for="(on, i) in tiles" :key="i" :class="{ on }" /></div>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <div v-if="asked.length > 0" class="asked" role="alert">
        <p v-for="doubt in asked" :key="doubt.message">{{ doubt.message }}</p>
        <Button
          @click="
            typed = '';
            asked = [];
            field?.focus();
          "
          >Read it again</Button
        >
        <button type="button" class="link" @click="take(true)">It is right: {{ typed }}</button>
      </div>
      <label v-if="noteOpen" class="note"
        >Note<input v-model="note" :aria-label="`Note on ${stop.unit.unit}`" maxlength="500" @keydown.enter="take()"
      /></label>
      <div class="buttons">
        <Button v-if="choices.length === 0" type="primary" size="large" class="next" @click="take(asked.length > 0)"
          >Next {{ word }} <kbd>Enter</kbd></Button
        >
        <Button size="large" @click="noteOpen = true">Note <kbd>n</kbd></Button>
        <Button size="large" @click="lostOpen = true">Lost <kbd>x</kbd></Button>
        <Button size="large" @click="wrongOpen = true">Went wrong <kbd>w</kbd></Button>
        <button type="button" class="link undo" :disabled="at === 0" @click="goTo(at - 1)">Undo last <kbd>u</kbd></button>
      </div>
    </section>
    <template #margin>
      <div class="shelf">
        <h2>The bench</h2>
        <span class="soft small">{{ store.experiment.blinded ? 'arms hidden' : `day ${day}` }}</span>
      </div>
      <BenchView
        :units="store.experiment.units"
        :arms="store.experiment.arms"
        :shelves="store.experiment.plan.bench"
        :unit-word="word"
        :blind="store.experiment.blinded"
        :current="stop?.unit.unit"
        :done="done"
        pickable
        @pick="(unit) => goTo(stops.findIndex((other) => other.unit.unit === unit))"
      />
      <MarginNote v-if="outbox.refused" severity="serious">{{ outbox.refused }}</MarginNote>
      <MarginNote v-else-if="outbox.count > 0" :severity="outbox.offline ? 'caution' : 'fine'"
        >Saved on this device. {{ outbox.count }} {{ outbox.count === 1 ? 'reading' : 'readings' }} will be sent
        {{ outbox.offline ? 'when the network is back' : 'in a moment' }}.</MarginNote
      >
      <MarginNote v-else severity="fine">Every reading so far is saved.</MarginNote>
      <MarginNote v-if="stop?.reading" severity="note"
        >{{ stop.unit.unit }} has {{ stop.reading.value }} from this walk. A new number corrects it; the old one is kept.</MarginNote
      >
      <p class="leave"><RouterLink :to="{ name: 'log', params: { id } }">Leave the walk; it goes on from here</RouterLink></p>
    </template>
  </TwoColumns>
  <LostDialog v-if="stop" v-model:open="lostOpen" :unit="stop.unit.unit" />
  <WrongDialog v-if="stop" v-model:open="wrongOpen" :unit="stop.unit" />
</template>

<style scoped>
.walk {
  padding-top: 22px;
}
.message {
  padding: 40px 24px;
}
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
}
.code {
  font-size: 46px;
  font-weight: 500;
  line-height: 1.2;
}
.right {
  margin-left: auto;
}
h1 {
  margin: 6px 0 16px;
  font-size: 21px;
}
.entry {
  display: flex;
  gap: 12px;
  align-items: center;
}
.entry input {
  width: 200px;
  height: 88px;
  padding: 0 16px;
  border: 2.5px solid var(--sprout);
  border-radius: 10px;
  background: var(--sprout-wash);
  color: var(--ink);
  font-size: 44px;
  font-weight: 500;
  text-align: right;
}
.step {
  width: 88px;
  height: 88px;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  background: var(--paper);
  color: var(--ink);
  font: 500 38px var(--mono);
  cursor: pointer;
}
.unit {
  font-size: 24px;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
}
.choices button {
  min-height: 72px;
  padding: 12px 16px;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  background: var(--paper);
  color: var(--ink);
  font: 17px var(--text);
  text-align: left;
  cursor: pointer;
}
.choices .on {
  border-color: var(--sprout);
  background: var(--sprout-wash);
}
.choices b {
  margin-right: 8px;
  font-size: 24px;
}
.last {
  margin: 10px 0 0;
}
.tiles {
  display: flex;
  gap: 4px;
  margin-top: 10px;
}
.tiles i {
  flex: 1;
  height: 22px;
  border-radius: 4px;
  background: var(--hair);
}
.tiles .on {
  background: var(--sprout);
}
.wrong,
.asked {
  max-width: 640px;
  margin: 14px 0 0;
  padding: 10px 14px;
  border-radius: 7px;
  background: var(--rust-wash);
}
.asked {
  background: var(--pollen-wash);
}
.asked .link {
  margin-left: 16px;
}
.note {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 16px;
}
.note input {
  flex: 1;
  max-width: 520px;
  height: 44px;
  padding: 0 12px;
  border: 1.5px solid var(--line);
  border-radius: 7px;
  font: inherit;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-top: 20px;
}
.buttons :deep(.ant-btn) {
  min-height: 48px;
}
.undo {
  margin-left: auto;
}
.undo:disabled {
  color: var(--soft);
  cursor: default;
}
.shelf {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin-bottom: 10px;
}
.leave {
  margin-top: 14px;
}
@media (max-width: 600px) {
  .next {
    order: 5;
    width: 100%;
    min-height: 58px;
    font-size: 18px;
  }
  .entry input {
    flex: 1;
    width: 100px;
  }
  .buttons kbd {
    display: none;
  }
  .tiles {
    gap: 2px;
  }
  .tiles i {
    height: 16px;
  }
}
</style>
