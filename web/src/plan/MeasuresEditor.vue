<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import type { Experiment, Measure } from '@fern/core';
import ChoiceField from '../frame/ChoiceField.vue';
import NumberField from '../frame/NumberField.vue';
import { useExperiment } from '../stores/experiment';
import ReadingDays from './ReadingDays.vue';
import RubricEditor from './RubricEditor.vue';

const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const last = computed(() => Math.max(7, ...experiment.value.measures.flatMap((measure) => measure.readingDays)));
const kinds: readonly { value: Measure['kind']; label: string }[] = [
  { value: 'count', label: 'count of those sown' },
  { value: 'amount', label: 'amount' },
  { value: 'rating', label: 'rating' },
  { value: 'event', label: 'day it happens' },
  { value: 'harvest', label: 'harvest' },
];
const directions: readonly { value: Measure['higherIs']; label: string }[] = [
  { value: 'better', label: 'more' },
  { value: 'worse', label: 'less' },
  { value: 'neither', label: 'any difference' },
];

function edit(code: string, more: Partial<Measure>): void {
  store.change((now) => ({
    ...now,
    measures: now.measures.map((measure) => (measure.measure === code ? { ...measure, ...more } : measure)),
  }));
}
function setKind(code: string, kind: Measure['kind']): void {
  edit(code, {
    kind,
    unit: kind === 'count' || kind === 'rating' ? '' : kind === 'event' ? 'd' : 'cm',
    when: kind === 'harvest' ? 'total' : 'final',
    rubric: [],
  });
}
function decide(code: string): void {
  store.change((now) => ({ ...now, measures: now.measures.map((measure) => ({ ...measure, primary: measure.measure === code })) }));
}
function add(): void {
  store.change((now) => {
    const taken = new Set(now.measures.map((measure) => measure.measure));
    let n = now.measures.length + 1;
    while (taken.has(`m${n}`)) n++;
    const fresh: Measure = {
      measure: `m${n}`,
      name: 'Height',
      kind: 'amount',
      unit: 'cm',
      category: null,
      higherIs: 'better',
      primary: now.measures.length === 0,
      smallestDifference: null,
      when: 'final',
      rubric: [],
      readingDays: [last.value],
    };
    return { ...now, measures: [...now.measures, fresh] };
  });
}
function remove(code: string): void {
  store.change((now) => ({ ...now, measures: now.measures.filter((measure) => measure.measure !== code) }));
}
const setEnd = (event: Event) => {
  const { value } = event.target as HTMLInputElement;
  store.change((now) => ({ ...now, plan: { ...now.plan, endRule: value } }));
};
const mattersUnit = (measure: Measure) =>
  ({ count: 'points', event: 'days', rating: 'steps', amount: measure.unit, harvest: measure.unit })[measure.kind];
</script>

<template>
  <div class="head">
    <h2>What is read, and when</h2>
    <label class="soft small end"
      >ends
      <Input
        :value="experiment.plan.endRule"
        :disabled="store.frozen"
        size="small"
        aria-label="When it ends"
        placeholder="day 10, or when nothing new comes"
        @change="setEnd"
    /></label>
    <button v-if="!store.frozen" type="button" class="link" @click="add">Add a measure</button>
  </div>
  <p v-if="store.wrongAt('/measures')" class="wrong" role="alert">{{ store.wrongAt('/measures') }}</p>
  <div v-for="measure in experiment.measures" :key="measure.measure" class="measure" role="group" :aria-label="measure.name">
    <div class="line">
      <Input
        :value="measure.name"
        :bordered="false"
        :disabled="store.frozen"
        class="name"
        :maxlength="120"
        :aria-label="`Name of measure ${measure.name}`"
        @change="edit(measure.measure, { name: ($event.target as HTMLInputElement).value })"
      />
      <ChoiceField
        :value="measure.kind"
        :options="kinds"
        :disabled="store.frozen"
        :label="`Kind of ${measure.name}`"
        @change="setKind(measure.measure, $event)"
      />
      <Input
        v-if="measure.kind === 'amount' || measure.kind === 'harvest'"
        size="small"
        class="unit"
        :value="measure.unit"
        :disabled="store.frozen"
        :maxlength="20"
        :aria-label="`Unit of ${measure.name}`"
        @change="edit(measure.measure, { unit: ($event.target as HTMLInputElement).value })"
      />
      <span class="small">we expect</span>
      <ChoiceField
        :value="measure.higherIs"
        :options="directions"
        :disabled="store.frozen"
        :label="`Expected direction of ${measure.name}`"
        @change="edit(measure.measure, { higherIs: $event })"
      />
      <template v-if="measure.primary">
        <span class="small">matters from</span>
        <NumberField
          :value="measure.smallestDifference"
          :label="`Smallest difference that matters in ${measure.name}`"
          :min="0"
          empty
          :width="64"
          :disabled="store.frozen"
          @change="edit(measure.measure, { smallestDifference: $event })"
        />
        <span class="small">{{ mattersUnit(measure) }}</span>
      </template>
      <span class="right">
        <label class="small"
          ><input type="radio" name="primary" :checked="measure.primary" :disabled="store.frozen" @change="decide(measure.measure)" />
          decides</label
        >
        <button
          v-if="!store.frozen && experiment.measures.length > 1"
          type="button"
          class="away"
          :aria-label="`Take away ${measure.name}`"
          @click="remove(measure.measure)"
        >
          ×
        </button>
      </span>
    </div>
    <ReadingDays
      :days="measure.readingDays"
      :last="last"
      :decides="measure.primary"
      :disabled="store.frozen"
      :name="measure.name"
      @change="edit(measure.measure, { readingDays: $event })"
    />
    <RubricEditor
      v-if="measure.kind === 'rating'"
      :steps="measure.rubric"
      :name="measure.name"
      :disabled="store.frozen"
      @change="edit(measure.measure, { rubric: $event })"
    />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: baseline;
  margin-bottom: 6px;
}
.end {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
}
.end :deep(input) {
  width: 270px;
}
.head .link {
  margin-left: auto;
}
.measure {
  padding: 8px 0 12px;
  border-bottom: 1px solid var(--hair);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: baseline;
}
.name {
  width: 190px;
  padding: 0 4px;
  color: var(--ink);
  font-weight: 700;
}
.name:hover:not(:disabled),
.name:focus {
  background: var(--paper);
}
.unit {
  width: 70px;
}
.right {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-left: auto;
}
.wrong {
  color: var(--rust);
}
</style>
