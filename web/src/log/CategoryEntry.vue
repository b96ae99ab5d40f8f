<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { categoryWords, leftToTell, type Measure, type Observation, type Unit } from '@fern/core';

/** A count by category in one go: the sum closes on what was sown, and the rest is one touch. By thumb, or by digits and Enter. */
const props = defineProps<{ unit: Unit; measure: Measure; before: ReadonlyMap<string, Observation>; question: string }>();
const emit = defineEmits<{ take: [counts: ReadonlyMap<string, number>]; typing: [] }>();
const counts = ref<Readonly<Record<string, number>>>({});
const root = ref<HTMLElement | null>(null);

watch(
  () => [props.unit.code, props.measure.code].join(),
  () => {
    counts.value = Object.fromEntries([...props.before].flatMap(([category, { value }]) => (value === null ? [] : [[category, value]])));
    void nextTick(() => focusOn(0));
  },
  { immediate: true },
);
const known = computed(() => new Map(Object.entries(counts.value)));
const left = computed(() => leftToTell(known.value, props.unit.sown));
const fields = () => [...(root.value?.querySelectorAll<HTMLInputElement>('input') ?? [])];
function focusOn(i: number): void {
  fields()[i]?.focus();
  fields()[i]?.select();
}
function set(category: string, value: number): void {
  counts.value = { ...counts.value, [category]: Math.max(0, value) };
  emit('typing');
}
function typed(category: string, text: string): void {
  const { [category]: _old, ...others } = counts.value;
  if (/^\d+$/.test(text.trim())) set(category, Number(text));
  else counts.value = others;
}
const rest = (category: string) => set(category, (counts.value[category] ?? 0) + Math.max(0, left.value ?? 0));

/** What nobody has told of is none. */
const take = () => emit('take', new Map(props.measure.categories.map((category) => [category, counts.value[category] ?? 0] as const)));
function press(event: KeyboardEvent, i: number): void {
  if (event.key !== 'Enter') return;
  event.preventDefault();
  event.stopPropagation();
  if (left.value === 0 || i === props.measure.categories.length - 1) take();
  else focusOn(i + 1);
}
defineExpose({ take, focus: () => focusOn(0) });
</script>

<template>
  <div ref="root" role="group" :aria-label="question" data-reading>
    <ul class="bare-list">
      <li v-for="(category, i) in measure.categories" :key="category" :class="{ success: category === measure.category }">
        <span class="name">{{ categoryWords(category) }}</span>
        <button type="button" :aria-label="`One ${categoryWords(category)} less`" @click="set(category, (counts[category] ?? 0) - 1)">
          −
        </button>
        <input
          class="mono"
          inputmode="numeric"
          autocomplete="off"
          :value="counts[category] ?? ''"
          :aria-label="categoryWords(category)"
          @input="typed(category, ($event.target as HTMLInputElement).value)"
          @keydown="press($event, i)"
        />
        <button type="button" :aria-label="`One ${categoryWords(category)} more`" @click="set(category, (counts[category] ?? 0) + 1)">
          +
        </button>
        <button v-if="left !== null && left > 0" type="button" class="rest" @click="rest(category)">the rest: {{ left }}</button>
      </li>
    </ul>
    <p class="soft" role="status">
      <template v-if="left === 0">All {{ unit.sown }} are told of.</template>
      <template v-else-if="left !== null && left > 0">{{ left }} of {{ unit.sown }} are still to be told of.</template>
      <template v-else-if="left !== null">{{ -left }} more than were sown.</template>
    </p>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 8px;
}
li {
  display: grid;
  grid-template-columns: minmax(90px, 190px) 56px 84px 56px minmax(0, 150px);
  gap: 8px;
  align-items: center;
}
.success .name {
  font-weight: 700;
}
button {
  min-height: 48px;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  font-size: 20px;
}
.rest {
  font-size: 15px;
}
input {
  width: 100%;
  height: 48px;
  padding: 0 10px;
  border: 2px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
  font-size: 22px;
  text-align: right;
}
input:focus {
  border-color: var(--sprout);
  background: var(--sprout-wash);
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr) 48px 60px 48px;
    gap: 0 8px;
  }
  .name {
    align-self: end;
  }
  button:not(.rest),
  input {
    grid-row: 1 / 3;
  }
  .rest {
    grid-row: 2;
    grid-column: 1;
    min-height: 44px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--sprout);
    font-weight: 700;
    text-align: left;
    text-decoration: underline;
  }
}
</style>
