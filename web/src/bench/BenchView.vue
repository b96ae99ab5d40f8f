<script setup lang="ts">
import { computed, ref } from 'vue';
import { benchFor, shelfRows, type Arm, type Barrier, type Shelf, type Unit } from '@fern/core';
import BenchUnit from './BenchUnit.vue';

/** The bench seen from above: shelves as they stand, each unit on its place. The same drawing in every step. */
const props = withDefaults(
  defineProps<{
    units: readonly Unit[];
    arms: readonly Arm[];
    shelves: readonly Shelf[];
    unitWord: string;
    /** Units may be moved by mouse, touch or keyboard. */
    movable?: boolean;
    /** Hides which arm a unit belongs to. */
    blind?: boolean;
    current?: string | null;
    done?: ReadonlySet<string>;
    /** How far each unit lies above (1) or below (−1) its arm, for the map of what the place did. */
    heat?: ReadonlyMap<string, number> | null;
    pickable?: boolean;
    barriers?: readonly Barrier[];
  }>(),
  { current: null, heat: null, done: () => new Set<string>(), barriers: () => [] },
);
const emit = defineEmits<{
  move: [unit: string, row: number, column: number];
  pick: [unit: string];
  barrier: [row: number, column: number];
}>();

const TILE = 69;
const placed = computed(() => props.units.filter((unit) => unit.row !== null && unit.column !== null));
const rows = computed(() => shelfRows(benchFor(props.shelves, placed.value)));
const columns = computed(() => Math.max(1, ...rows.value.map(({ shelf }) => shelf.columns)));
const tile = computed(() => Math.min(TILE, 828 / columns.value));
const width = computed(() => 60 + TILE * 12);
const round = computed(() => /dish|plate|jar|bottle|cup|glass/.test(props.unitWord));

interface Board {
  readonly name: string;
  readonly light: Shelf['light'];
  readonly y: number;
  readonly height: number;
  readonly first: number;
  readonly last: number;
}
const boards = computed<Board[]>(() => {
  let y = 0;
  return rows.value.map(({ shelf, first, last }) => {
    const height = (last - first + 1) * (tile.value + 16) + 40;
    const board = { name: shelf.name, light: shelf.light, y, height, first, last };
    y += height + 12;
    return board;
  });
});
const height = computed(() => boards.value.reduce((sum, board) => sum + board.height + 12, -12));

function centre(row: number, column: number): { x: number; y: number } {
  const board = boards.value.find((b) => row >= b.first && row <= b.last) ?? boards.value[0];
  const left = (width.value - tile.value * columns.value) / 2;
  return { x: left + tile.value * (column - 0.5), y: board.y + 34 + (row - board.first) * (tile.value + 16) + tile.value / 2 };
}

/** Gaps between neighbours, where a barrier stands or could stand. */
const gaps = computed(() => {
  const at = new Map(placed.value.map((unit) => [`${unit.row}:${unit.column}`, unit]));
  const barred = new Set(props.barriers.map(({ row, column }) => `${row}:${column}`));
  return placed.value.flatMap((unit) => {
    const right = at.get(`${unit.row}:${(unit.column ?? 0) + 1}`);
    const stands = barred.has(`${unit.row}:${unit.column}`);
    return right && (stands || props.movable) ? [{ unit, right, stands, ...centre(unit.row ?? 1, unit.column ?? 1) }] : [];
  });
});

/** Neighbours along a row that share a reservoir, tray or lamp stand in one outline. */
const containers = computed(() => {
  const runs: { name: string; x: number; y: number; width: number }[] = [];
  const sorted = [...placed.value].sort((a, b) => (a.row ?? 0) - (b.row ?? 0) || (a.column ?? 0) - (b.column ?? 0));
  sorted.forEach((unit, i) => {
    if (unit.container === null) return;
    const { x, y } = centre(unit.row ?? 1, unit.column ?? 1);
    const before = sorted[i - 1];
    const run = runs.at(-1);
    if (run && before?.container === unit.container && before.row === unit.row && before.column === (unit.column ?? 0) - 1)
      run.width += tile.value;
    else runs.push({ name: unit.container, x: x - tile.value / 2, y: y - tile.value / 2, width: tile.value });
  });
  return runs;
});

const svg = ref<SVGSVGElement | null>(null);
const drag = ref<{ unit: Unit; x: number; y: number } | null>(null);
const held = ref<string | null>(null);

function point(event: PointerEvent): { x: number; y: number } {
  const matrix = svg.value?.getScreenCTM()?.inverse();
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  return { x: at.x, y: at.y };
}

function placeAt(x: number, y: number): { row: number; column: number } | null {
  const board = boards.value.find((b) => y >= b.y && y <= b.y + b.height);
  if (!board) return null;
  const row = Math.min(board.last, Math.max(board.first, board.first + Math.floor((y - board.y - 34 + 8) / (tile.value + 16))));
  const left = (width.value - tile.value * columns.value) / 2;
  const column = Math.floor((x - left) / tile.value) + 1;
  return column >= 1 && column <= columns.value ? { row, column } : null;
}

function press(unit: Unit, event: PointerEvent): void {
  if (!props.movable || event.button > 0) return;
  event.preventDefault();
  (event.currentTarget as Element).closest('g')?.focus();
  svg.value?.setPointerCapture(event.pointerId);
  drag.value = { unit, ...point(event) };
}
function glide(event: PointerEvent): void {
  if (drag.value) drag.value = { unit: drag.value.unit, ...point(event) };
}
function release(event: PointerEvent): void {
  if (!drag.value) return;
  const { unit } = drag.value;
  const at = point(event);
  drag.value = null;
  const place = placeAt(at.x, at.y);
  if (place && (place.row !== unit.row || place.column !== unit.column)) emit('move', unit.unit, place.row, place.column);
}

const steps: Record<string, readonly [number, number]> = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] };

/** Arrow keys go from unit to unit; Enter or Space takes one up, and then the arrows move it. */
function key(unit: Unit, event: KeyboardEvent): void {
  const step = steps[event.key];
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault();
    if (props.movable) held.value = held.value === unit.unit ? null : unit.unit;
    else if (props.pickable) emit('pick', unit.unit);
  } else if (event.key === 'Escape') held.value = null;
  else if (step && unit.row !== null && unit.column !== null) {
    event.preventDefault();
    const row = unit.row + step[0];
    const column = unit.column + step[1];
    const last = boards.value.at(-1)?.last ?? 1;
    if (row < 1 || row > last || column < 1 || column > columns.value) return;
    if (held.value === unit.unit) emit('move', unit.unit, row, column);
    else {
      const next = placed.value.find((other) => other.row === row && other.column === column);
      svg.value?.querySelector<SVGGElement>(`[data-unit="${CSS.escape(next?.unit ?? '')}"]`)?.focus();
    }
  }
}
const heldPlace = computed(() => {
  const unit = placed.value.find((other) => other.unit === held.value);
  return unit ? `row ${unit.row}, place ${unit.column}` : '';
});
</script>

<template>
  <p v-if="placed.length === 0" class="soft">No {{ unitWord }} has a place yet. Shuffle them to fill the bench.</p>
  <svg
    v-else
    ref="svg"
    :viewBox="`0 0 ${width} ${height}`"
    class="bench"
    role="group"
    :aria-label="`The bench with ${placed.length} places taken`"
    @pointermove="glide"
    @pointerup="release"
    @pointercancel="drag = null"
  >
    <g v-for="board in boards" :key="board.y">
      <rect
        x="0.7"
        :y="board.y + 0.7"
        :width="width - 1.4"
        :height="board.height - 1.4"
        rx="10"
        fill="#fff"
        stroke="#CBD5CB"
        stroke-width="1.4"
      />
      <rect v-if="board.light === 'lamp'" x="14" :y="board.y + 8" :width="width - 28" height="7" rx="3.5" fill="#F6E3A1" />
      <rect v-else-if="board.light === 'window'" x="6" :y="board.y + 14" width="5" :height="board.height - 28" rx="2.5" fill="#B9DCEB" />
      <text :x="width - 16" :y="board.y + 29" text-anchor="end" font-size="12" fill="#4A615A">
        {{ board.name }}{{ board.light === 'lamp' ? ' · lamp' : board.light === 'window' ? ' · window on the left' : '' }}
      </text>
    </g>
    <g v-for="run in containers" :key="`${run.name}-${run.x}-${run.y}`">
      <rect
        :x="run.x + 2"
        :y="run.y - 5"
        :width="run.width - 4"
        :height="tile + 20"
        rx="8"
        fill="#E6F0F5"
        stroke="#7FA9BD"
        stroke-width="1.3"
      />
      <title>{{ run.name }}</title>
    </g>
    <BenchUnit
      v-for="unit in placed"
      :key="unit.unit"
      v-bind="centre(unit.row ?? 1, unit.column ?? 1)"
      :unit="unit"
      :tile="tile"
      :arms="arms"
      :round="round"
      :blind="blind"
      :current="current === unit.unit"
      :done="done.has(unit.unit)"
      :heat="heat?.get(unit.unit) ?? null"
      :held="held === unit.unit"
      :faded="drag?.unit.unit === unit.unit"
      :interactive="movable || pickable"
      @press="press(unit, $event)"
      @keys="key(unit, $event)"
      @pick="pickable && emit('pick', unit.unit)"
    />
    <g
      v-for="gap in gaps"
      :key="`gap-${gap.unit.unit}`"
      :transform="`translate(${gap.x + tile / 2} ${gap.y})`"
      class="gap"
      :class="{ movable }"
      @click="movable && emit('barrier', gap.unit.row ?? 1, gap.unit.column ?? 1)"
    >
      <title>{{ gap.stands ? 'Take the barrier away' : `Barrier between ${gap.unit.unit} and ${gap.right.unit}` }}</title>
      <rect x="-3" :y="-tile * 0.4" width="6" :height="tile * 0.8" fill="transparent" />
      <rect x="-1.8" :y="-tile * 0.42" width="3.6" :height="tile * 0.84" rx="1.8" :class="gap.stands ? 'stands' : 'could'" />
    </g>
    <BenchUnit
      v-if="drag"
      class="ghost"
      :unit="drag.unit"
      :x="drag.x"
      :y="drag.y"
      :tile="tile"
      :arms="arms"
      :round="round"
      :blind="blind"
      held
    />
  </svg>
  <p class="visually-hidden" role="status">
    {{ held ? `${held} is taken up and stands at ${heldPlace}. Arrow keys move it, Enter puts it down.` : '' }}
  </p>
</template>

<style scoped>
.bench {
  display: block;
  width: 100%;
  font-family: var(--text);
  touch-action: pan-y;
  user-select: none;
}
.gap.movable {
  cursor: pointer;
}
.stands {
  fill: #6b4f2a;
}
.could {
  fill: transparent;
}
.gap.movable:hover .could {
  fill: #cbb894;
}
.ghost {
  pointer-events: none;
}
</style>
