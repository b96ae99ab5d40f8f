<script setup lang="ts">
import { computed, ref } from 'vue';
import { benchFor, type Arm, type Barrier, type Shelf, type Unit } from '@fern/core';
import { useIncrementalRender } from '../components/useIncrementalRender';
import BenchBoard from './BenchBoard.vue';
import BenchGap from './BenchGap.vue';
import BenchTable from './BenchTable.vue';
import BenchUnit from './BenchUnit.vue';
import { barrierGaps, benchGeometry, containerRuns } from './benchGeometry';
import { unitForm } from './unitForm';
import { unitNouns } from './unitWords';
import { useBenchMoves } from './useBenchMoves';
import { useCloserLook } from './useCloserLook';

/** The bench seen from above: shelves as they stand, each unit on its place. The same drawing in every step. */
const props = withDefaults(
  defineProps<{
    units: readonly Unit[];
    arms: readonly Arm[];
    shelves: readonly Shelf[];
    unitNoun: string;
    /** Units may be moved by mouse, touch or keyboard. */
    movable?: boolean;
    /** Hides which arm a unit belongs to. */
    blind?: boolean;
    current?: string | null;
    done?: ReadonlySet<string>;
    /** What a unit that is done was: read, or put out. */
    doneWord?: string;
    /** How far each unit lies above (1) or below (−1) its arm, for the map of what the place did. */
    heat?: ReadonlyMap<string, number> | null;
    pickable?: boolean;
    barriers?: readonly Barrier[];
  }>(),
  { current: null, heat: null, done: () => new Set<string>(), barriers: () => [], doneWord: 'read' },
);
const emit = defineEmits<{
  move: [unit: string, row: number, column: number];
  pick: [unit: string];
  barrier: [row: number, column: number];
}>();

const placed = computed(() => props.units.filter((unit) => unit.row !== null && unit.column !== null));
const UNITS_AT_ONCE = 50;
const drawn = useIncrementalRender(
  () => placed.value,
  () => UNITS_AT_ONCE,
);
const geometry = computed(() => benchGeometry(props.shelves, placed.value));
const form = computed(() => unitForm(props.unitNoun));
const gaps = computed(() => barrierGaps(placed.value, props.barriers, geometry.value, props.movable));
const runs = computed(() => containerRuns(placed.value, geometry.value));

const svg = ref<SVGSVGElement | null>(null);
const { drag, held, entry, press, glide, release, key, enter, leave } = useBenchMoves({
  svg,
  geometry: () => geometry.value,
  placed: () => placed.value,
  movable: () => props.movable,
  pickable: () => props.pickable,
  move: (unit, row, column) => emit('move', unit, row, column),
  pick: (unit) => emit('pick', unit),
  barrier: (row, column) => gaps.value.some(({ unit }) => unit.row === row && unit.column === column) && emit('barrier', row, column),
});
/** The bench is one tab stop: the unit that had the focus last, else the current one, else the first. */
const stop = computed(
  () => [entry.value, props.current].find((code) => placed.value.some(({ code: unit }) => unit === code)) ?? placed.value[0]?.code,
);
const view = ref<HTMLElement | null>(null);
const { near, isSmall, isFar, isNear, drawnWidth, lookAt } = useCloserLook(view, () => geometry.value);
const tap = (unit: Unit) => (isFar.value ? void lookAt(unit) : props.pickable && emit('pick', unit.code));

const wordsOf = (unit: Unit) => unitNouns(unit, props);
const labelOf = (unit: Unit) => [unit.code, `row ${unit.row}, place ${unit.column}`, ...wordsOf(unit)].join(', ');
const tableOpen = ref(false);

const heldWords = computed(() => {
  const unit = placed.value.find((other) => other.code === held.value);
  if (!unit) return '';
  return `${unit.code} is taken up and stands at row ${unit.row}, place ${unit.column}. Arrow keys move it, Enter puts it down, b sets a barrier to its right.`;
});
</script>

<template>
  <p v-if="placed.length === 0" class="soft">No {{ unitNoun }} has a place yet. Shuffle them to fill the bench.</p>
  <div v-else ref="view" class="view" :tabindex="isNear ? 0 : undefined">
    <svg
      ref="svg"
      :viewBox="`0 0 ${geometry.width} ${geometry.height}`"
      class="bench"
      :style="{ width: drawnWidth, touchAction: movable ? 'pan-y' : 'pan-x pan-y' }"
      role="group"
      :aria-label="`The bench with ${placed.length} places taken`"
      @pointermove="glide"
      @pointerup="release"
      @pointercancel="drag = null"
      @focusout="leave"
    >
      <BenchBoard v-for="board in geometry.boards" :key="board.y" :board="board" :width="geometry.width" />
      <g v-for="run in runs" :key="`${run.name}-${run.x}-${run.y}`">
        <rect
          :x="run.x + 2"
          :y="run.y - 5"
          :width="run.width - 4"
          :height="geometry.tile + 20"
          rx="8"
          fill="#E6F0F5"
          stroke="#7FA9BD"
          stroke-width="1.3"
        />
        <text :x="run.x + 6" :y="run.y - 8" font-size="10.5" fill="#3B6577">{{ run.name }}</text>
        <title>{{ run.name }}</title>
      </g>
      <BenchUnit
        v-for="unit in drawn"
        :key="unit.code"
        v-bind="geometry.centre(unit.row ?? 1, unit.column ?? 1)"
        :unit="unit"
        :tile="geometry.tile"
        :arms="arms"
        :form="form"
        :blind="blind"
        :current="current === unit.code"
        :done="done.has(unit.code)"
        :heat="heat?.get(unit.code) ?? null"
        :held="held === unit.code"
        :faded="drag?.unit.code === unit.code"
        :label="labelOf(unit)"
        :interactive="movable || pickable"
        :stop="stop === unit.code"
        @focus="enter(unit)"
        @press="isFar || press(unit, $event)"
        @keys="key(unit, $event)"
        @pick="tap(unit)"
      />
      <BenchGap
        v-for="gap in gaps"
        :key="`gap-${gap.unit.code}`"
        :gap="gap"
        :tile="geometry.tile"
        :movable="movable"
        @barrier="(row, column) => emit('barrier', row, column)"
      />
      <BenchUnit
        v-if="drag"
        class="ghost"
        :unit="drag.unit"
        :x="drag.x"
        :y="drag.y"
        :tile="geometry.tile"
        :arms="arms"
        :form="form"
        :blind="blind"
        held
      />
    </svg>
  </div>
  <p v-if="placed.length > 0" class="tools small">
    <button v-if="isSmall" type="button" class="link" :aria-pressed="near" @click="near = !near">
      {{ near ? 'See the whole bench' : 'Look closer' }}
    </button>
    <button type="button" class="link" :aria-expanded="tableOpen" @click="tableOpen = !tableOpen">
      {{ tableOpen ? 'Hide the table' : 'Show as a table' }}
    </button>
  </p>
  <BenchTable v-if="tableOpen" :units="placed" :shelves="benchFor(shelves, placed)" :words-of="wordsOf" :current="current" />
  <p class="visually-hidden" role="status">{{ heldWords }}</p>
</template>

<style scoped>
.view {
  overflow-x: auto;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 4px 0 0;
}
.bench {
  display: block;
  font-family: var(--text);
  user-select: none;
}
.ghost {
  pointer-events: none;
}
</style>
