<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue';
import {
  lengthWords,
  localOf,
  shortDate,
  type Experiment,
  type PlannedTimes,
  type StageKind,
  type TimedStep,
  itemAt,
  badgeOf,
} from '@fern/core';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { armStyle } from '@fern/paper/look';
import { BAR, LEFT, ROW, timelineGeometry, TOP, WIDTH } from './timelineGeometry';

/** When each step happens to each arm, drawn; a step can be moved by mouse, touch or keyboard. */
const props = defineProps<{ experiment: Experiment; times: PlannedTimes; now: number; movable: boolean }>();
const emit = defineEmits<{ move: [step: TimedStep, to: number] }>();

const fills: Readonly<Record<StageKind, string>> = {
  soak: '#BFD9E6',
  heat: '#F3C9A9',
  cold: '#DCE9F1',
  spray: '#DFD5EA',
  open: '#EFE7C8',
  handle: '#EFE7C8',
  move: '#CFE3CF',
  other: '#DDE3DA',
};
const geometry = computed(() => timelineGeometry(props.experiment, props.times, props.now));
const stageOf = ({ stage }: TimedStep) => itemAt(props.experiment.plan.stages, stage);
const at = (minute: number) => {
  const { date, clock } = localOf(minute, props.experiment.plan.timing.zone);
  return `${shortDate(date)}, ${clock}`;
};
const isSame = (a: TimedStep, b: TimedStep | undefined) =>
  b !== undefined && a.stage === b.stage && a.begins === b.begins && a.day === b.day;
const told = (step: TimedStep) => {
  const { name, hours, hoursMost } = stageOf(step);
  const length = lengthWords(hours, hoursMost);
  return `${name}, group ${step.arm}: ${at(step.begins)} to ${at(step.ends)}${length === '' ? '' : ` (${length})`}`;
};

const svg = useTemplateRef<SVGSVGElement>('svg');
const drag = ref<{ step: TimedStep; from: number; by: number } | null>(null);
const DAY = 24 * 60;
const snapOf = (step: TimedStep) => (step.day !== null || step.ends - step.begins >= 2 * DAY ? DAY : 15);
const inDrawing = (event: PointerEvent) => (event.clientX * WIDTH) / (svg.value?.clientWidth ?? WIDTH);
function press(step: TimedStep, event: PointerEvent): void {
  if (!props.movable) return;
  (event.target as Element).setPointerCapture(event.pointerId);
  drag.value = { step, from: inDrawing(event), by: 0 };
}
function glide(event: PointerEvent): void {
  const held = drag.value;
  if (!held || !geometry.value) return;
  const snap = snapOf(held.step);
  held.by = Math.round(geometry.value.minutesOf(inDrawing(event) - held.from) / snap) * snap;
}
function release(): void {
  const held = drag.value;
  drag.value = null;
  if (held && held.by !== 0) emit('move', held.step, held.step.begins + held.by);
}
function key(step: TimedStep, event: KeyboardEvent): void {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (by === undefined || !props.movable) return;
  event.preventDefault();
  emit('move', step, step.begins + by * snapOf(step));
}
const shift = (step: TimedStep) => (drag.value && isSame(step, drag.value.step) ? drag.value.by / (geometry.value?.minutesOf(1) ?? 1) : 0);
</script>

<template>
  <svg
    v-if="geometry"
    ref="svg"
    :viewBox="`0 0 ${WIDTH} ${geometry.height}`"
    class="timeline"
    role="group"
    aria-label="The steps of each group in time"
    @pointermove="glide"
    @pointerup="release"
    @pointercancel="drag = null"
  >
    <rect
      v-for="shade in geometry.off"
      :key="shade.x"
      :x="shade.x"
      :y="TOP - 8"
      :width="shade.width"
      :height="geometry.height - TOP - 26"
      fill="#E4E9DF"
    />
    <g v-for="tick in geometry.ticks" :key="tick.words">
      <line :x1="tick.x" :x2="tick.x" :y1="TOP - 8" :y2="geometry.height - 34" stroke="var(--line)" />
      <text :x="tick.x" y="16" text-anchor="middle" class="tick">{{ tick.words }}</text>
    </g>
    <g v-for="row in geometry.rows" :key="row.arm">
      <GroupBadge :text="badgeOf(experiment.arms, row.arm)" :look="armStyle(experiment.arms, row.arm)" :size="30" :x="8" :y="row.y - 2" />
      <rect
        v-if="row.growing"
        :x="row.growing.x"
        :y="row.y"
        :width="row.growing.width"
        :height="BAR"
        rx="5"
        fill="#E5F1E2"
        stroke="#B9D3B8"
      >
        <title>sown, until the last reading</title>
      </rect>
      <g
        v-for="bar in row.bars"
        :key="`${bar.step.stage}-${bar.step.day}-${bar.step.begins}`"
        :transform="`translate(${bar.x + shift(bar.step)} ${row.y})`"
        :tabindex="movable ? 0 : undefined"
        :role="movable ? 'button' : 'img'"
        :aria-label="told(bar.step)"
        :class="{ held: drag && isSame(bar.step, drag.step), movable }"
        data-own-keys
        @pointerdown="press(bar.step, $event)"
        @keydown="key(bar.step, $event)"
      >
        <title>{{ told(bar.step) }}</title>
        <rect v-if="movable" class="reach" :y="(BAR - ROW) / 2" :width="bar.width" :height="ROW" />
        <rect :width="bar.width" :height="BAR" rx="5" :fill="fills[stageOf(bar.step).kind]" stroke="#7C9AA6" stroke-width="1" />
        <text v-if="bar.isShown" x="7" :y="BAR / 2 + 4.5" class="bar">{{ bar.words }}</text>
      </g>
    </g>
    <line
      :x1="geometry.sowing"
      :x2="geometry.sowing"
      :y1="TOP - 8"
      :y2="geometry.height - 30"
      stroke="var(--sprout)"
      stroke-width="2"
      stroke-dasharray="4 3"
    />
    <text :x="geometry.sowing" :y="geometry.height - 8" text-anchor="middle" class="sown">sown</text>
    <text x="8" :y="geometry.height - 16" class="tick">read</text>
    <circle
      v-for="reading in geometry.readings"
      :key="reading.x"
      :cx="reading.x"
      :cy="geometry.height - 28"
      r="5.5"
      fill="var(--paper)"
      stroke="var(--ink)"
      stroke-width="2"
    >
      <title>{{ reading.words }}</title>
    </circle>
    <g v-if="geometry.now !== null">
      <line :x1="geometry.now" :x2="geometry.now" :y1="TOP - 12" :y2="geometry.height - 34" stroke="var(--pollen)" stroke-width="3" />
      <text :x="geometry.now" :y="geometry.height - 22" text-anchor="middle" class="now">now</text>
    </g>
    <text v-if="geometry.rows.length === 0" :x="LEFT" :y="TOP + 20" class="tick">No groups yet.</text>
  </svg>
</template>

<style scoped>
.timeline {
  display: block;
  width: 100%;
  min-width: 640px;
  font-family: var(--text);
  user-select: none;
  touch-action: pan-y;
}
.tick {
  fill: var(--soft);
  font-size: 12px;
}
.bar {
  fill: var(--ink);
  font-size: 12.5px;
  pointer-events: none;
}
.now,
.sown {
  font-size: 12px;
  font-weight: 700;
}
.now {
  fill: var(--ink);
}
.sown {
  fill: var(--sprout);
}
.movable {
  cursor: ew-resize;
}
.reach {
  fill: transparent;
}
/* As large as it is drawn, so that a bar is high enough for a thumb. */
@media (max-width: 600px), (pointer: coarse) {
  .timeline {
    min-width: 900px;
  }
}
.held rect:not(.reach) {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
