<script setup lang="ts">
import { Button, Input, Textarea } from 'ant-design-vue';
import { computed, reactive, ref, watch } from 'vue';
import { experimentFromClaim, openQuestions, promisedMeasures, readClaim, type Direction, type Experiment } from '@fern/core';
import ChoiceField from '../frame/ChoiceField.vue';
import MarginNote from '../frame/MarginNote.vue';
import NumberField from '../frame/NumberField.vue';
import { newSeed } from '../stores/newSeed';
import { today } from '../stores/today';

/** A claim in the person's own words, taken apart; only what is missing is asked for. */
defineProps<{ busy: boolean }>();
const emit = defineEmits<{ test: [experiment: Experiment] }>();
const text = ref('');
const read = ref('');
const claim = computed(() => (read.value.trim() === '' ? null : readClaim(read.value)));
const parts = reactive({
  plant: '',
  treatment: '',
  comparison: '',
  measure: '',
  direction: '' as Direction | '',
  days: null as number | null,
});

watch(claim, (now) => {
  if (!now) return;
  const wide = now.missing.includes('plant');
  Object.assign(parts, {
    plant: wide ? '' : (now.plant ?? ''),
    treatment: now.treatment ?? '',
    comparison: now.comparison ?? '',
    measure: now.measure?.id ?? '',
    direction: now.direction ?? '',
    days: now.days,
  });
});

const ask = computed(() => new Map((claim.value ? openQuestions(claim.value) : []).map(({ part, ask: words }) => [part, words])));
const measures = [
  { value: '', label: 'choose what is measured …' },
  ...promisedMeasures.map(({ id, name }) => ({ value: id, label: name })),
];
const directions: readonly { value: Direction | ''; label: string }[] = [
  { value: '', label: 'choose …' },
  { value: 'more', label: 'more of it' },
  { value: 'less', label: 'less of it' },
  { value: 'different', label: 'just different' },
];
const promised = computed(() => promisedMeasures.find(({ id }) => id === parts.measure));
const left = computed(() =>
  (['plant', 'treatment', 'comparison', 'measure', 'direction'] as const).filter((part) => parts[part].trim() === ''),
);

/** For a day, "sooner" is less of it: the claim's "more" means the good side. */
const direction = computed<Direction>(() => {
  const said = parts.direction || 'different';
  if (promised.value?.measure.kind !== 'event' || said === 'different') return said;
  return said === 'more' ? 'less' : 'more';
});

function go(): void {
  if (!claim.value || !promised.value || left.value.length > 0) return;
  const { size, alsoPromised } = claim.value;
  emit(
    'test',
    experimentFromClaim(
      {
        text: claim.value.text,
        plant: parts.plant.trim(),
        treatment: parts.treatment.trim(),
        comparison: parts.comparison.trim(),
        measure: promised.value,
        measureName: promised.value.name,
        direction: direction.value,
        sizeWords: size?.words ?? null,
        ratio: size?.ratio ?? null,
        days: parts.days,
        alsoPromised: alsoPromised.filter(({ id }) => id !== parts.measure).map(({ name }) => name),
      },
      { created: new Date().toISOString(), startOn: today(), seed: newSeed() },
    ),
  );
}
</script>

<template>
  <section class="claim" aria-label="A claim in your own words">
    <h2>Or type what someone says</h2>
    <Textarea
      v-model:value="text"
      :auto-size="{ minRows: 2, maxRows: 5 }"
      :maxlength="600"
      placeholder="“Honey makes cuttings root twice as fast”"
      aria-label="The claim"
      @keydown.enter.prevent="read = text"
    />
    <Button class="take" :disabled="text.trim() === ''" @click="read = text">Take it apart</Button>
    <div v-if="claim" class="apart">
      <div class="parts">
        <label
          >Plant<Input v-model:value="parts.plant" aria-label="Plant" :maxlength="80" /><span
            v-if="ask.has('plant') && !parts.plant"
            class="ask"
            >{{ ask.get('plant') }}</span
          ></label
        >
        <label
          >What is done<Input v-model:value="parts.treatment" aria-label="What is done" :maxlength="100" /><span
            v-if="ask.has('treatment') && !parts.treatment"
            class="ask"
            >{{ ask.get('treatment') }}</span
          ></label
        >
        <label
          >Compared with<Input
            v-model:value="parts.comparison"
            aria-label="Compared with"
            placeholder="the same, without it"
            :maxlength="100"
          /><span v-if="ask.has('comparison') && !parts.comparison" class="ask"
            >{{ ask.get('comparison') }}
            <button type="button" class="link" @click="parts.comparison = 'the same, without it'">without it</button></span
          ></label
        >
        <label
          >What is measured<ChoiceField
            :value="parts.measure"
            :options="measures"
            label="What is measured"
            @change="parts.measure = $event"
          /><span v-if="ask.has('measure') && !parts.measure" class="ask">{{ ask.get('measure') }}</span></label
        >
        <label
          >Which way<ChoiceField :value="parts.direction" :options="directions" label="Which way" @change="parts.direction = $event" /><span
            v-if="ask.has('direction') && !parts.direction"
            class="ask"
            >{{ ask.get('direction') }}</span
          ></label
        >
        <label
          >By day<NumberField :value="parts.days" label="By day" :min="1" :max="365" whole empty @change="parts.days = $event"
        /></label>
      </div>
      <div>
        <MarginNote v-for="{ word, ask: words } in claim.vague" :key="word" severity="caution"
          ><b>“{{ word }}”</b> cannot be measured as it stands. {{ words }}</MarginNote
        >
        <MarginNote v-if="claim.size" severity="fine"
          >It gives a size: <b>{{ claim.size.words }}</b>. The result will say whether that is ruled out.</MarginNote
        >
        <MarginNote v-if="claim.alsoPromised.length > 0" severity="note"
          >It also promises {{ claim.alsoPromised.map(({ name }) => name).join(', ') }}. That will stand as not tested.</MarginNote
        >
        <MarginNote v-if="claim.missing.includes('measure') && claim.vague.length === 0" severity="caution"
          >Nothing in it says what would be seen. Choose what would convince you.</MarginNote
        >
        <p class="go">
          <Button type="primary" :disabled="left.length > 0" :loading="busy" @click="go">Make it a test</Button>
          <span v-if="left.length > 0" class="small soft"
            >{{ left.length === 1 ? 'One part is' : `${left.length} parts are` }} still open.</span
          >
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.claim {
  margin: 18px 0 8px;
  padding-bottom: 14px;
  border-bottom: 1px solid var(--line);
}
h2 {
  margin-bottom: 8px;
}
.claim > :deep(textarea) {
  max-width: 640px;
}
.take {
  display: block;
  margin-top: 8px;
}
.apart {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 28px;
  margin-top: 14px;
}
.parts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
  align-items: start;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 700;
}
label :deep(*) {
  font-weight: 400;
}
.ask {
  padding-left: 8px;
  border-left: 3px solid var(--pollen);
  font-size: 14px;
  font-weight: 400;
}
.go {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 14px;
}
@media (max-width: 800px) {
  .apart,
  .parts {
    grid-template-columns: 1fr;
  }
}
</style>
