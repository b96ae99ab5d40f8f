<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { kindOf, shortDate, type Measure, type Unit, type Valued } from '@fern/core';

/** Where a reading is entered: a big number with a tally, or steps to choose from. */
const props = defineProps<{
  unit: Unit;
  measure: Measure;
  plant: string | null;
  before: Valued | null;
  question: string;
  invalid: boolean;
}>();
const typed = defineModel<string>('typed', { required: true });
const emit = defineEmits<{ tally: [step: number]; choose: []; typing: [] }>();
const root = ref<HTMLElement | null>(null);
const field = ref<HTMLInputElement | null>(null);
const kind = computed(() => kindOf(props.measure));
const choices = computed(() => kind.value.choices(props.measure));
const tallied = computed(() => kind.value.entry === 'tally');
const MOST_TILES = 60;
const tiles = computed(() => {
  const sown = props.unit.sown ?? 0;
  return tallied.value && sown > 0 && sown <= MOST_TILES ? Array.from({ length: sown }, (_, i) => i < Number(typed.value)) : [];
});

function choose(value: number): void {
  typed.value = String(value);
  emit('choose');
}

/** The next key must come here: to the number, or to the place where digits choose. */
function focus(): void {
  if (field.value) {
    field.value.focus();
    field.value.select();
  } else root.value?.focus();
}
watch(
  () => [props.unit.code, props.measure.code, props.plant],
  () => void nextTick(focus),
  { immediate: true },
);
defineExpose({ focus });
</script>

<template>
  <div ref="root" tabindex="-1" class="reading" data-reading>
    <div v-if="choices.length > 0" class="choices" role="group" :aria-label="question">
      <button
        v-for="choice in choices"
        :key="choice.value"
        type="button"
        :class="{ on: typed === String(choice.value) }"
        :aria-pressed="typed === String(choice.value)"
        @click="choose(choice.value)"
      >
        <b class="mono">{{ choice.value }}</b> {{ choice.words }}
      </button>
    </div>
    <div v-else class="entry">
      <button v-if="tallied" type="button" class="step" data-tally aria-label="One less" @click="emit('tally', -1)">−</button>
      <input
        ref="field"
        v-model="typed"
        class="mono"
        inputmode="decimal"
        autocomplete="off"
        :aria-label="question"
        aria-describedby="walk-where"
        :aria-invalid="invalid"
        @input="emit('typing')"
      />
      <button v-if="tallied" type="button" class="step" data-tally aria-label="One more" @click="emit('tally', 1)">+</button>
      <span v-else class="unit">{{ measure.unit }}</span>
    </div>
    <p class="soft small last">
      <template v-if="!before">The first reading of this one.</template>
      <template v-else-if="typed === ''">Read last on {{ shortDate(before.observedOn) }}; that number shows once yours is typed.</template>
      <template v-else>Last time: {{ before.value }} {{ measure.unit }} ({{ shortDate(before.observedOn) }})</template>
    </p>
    <div v-if="tiles.length > 0" class="tiles" aria-hidden="true"><i v-for="(on, i) in tiles" :key="i" :class="{ on }" /></div>
  </div>
</template>

<style scoped>
.reading:focus {
  outline: none;
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
@media (max-width: 600px) {
  .entry input {
    flex: 1;
    width: 100px;
  }
  .tiles {
    gap: 2px;
  }
  .tiles i {
    height: 16px;
  }
}
</style>
