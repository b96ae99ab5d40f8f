<script setup lang="ts">
import { computed } from 'vue';
import { vRovingTabindex } from '../components/rovingTabindex';
import DaysField from '../components/DaysField.vue';

/** Reading days as marks on a line of days, each a button; or typed as numbers. The last day carries the verdict. */
const props = defineProps<{ days: readonly number[]; last: number; decides: boolean; disabled: boolean; name: string }>();
const emit = defineEmits<{ change: [days: readonly number[]] }>();
const SHOWN = 31;
const line = computed(() => (props.last <= SHOWN ? Array.from({ length: props.last + 2 }, (_, day) => day) : []));

function toggle(day: number): void {
  const next = props.days.includes(day) ? props.days.filter((other) => other !== day) : [...props.days, day].sort((a, b) => a - b);
  emit('change', next);
}
</script>

<template>
  <div class="days">
    <div v-if="line.length > 0" v-roving-tabindex class="line" role="toolbar" :aria-label="`Days of ${name}, as marks`">
      <button
        v-for="day in line"
        :key="day"
        type="button"
        :disabled="disabled"
        :class="{ on: days.includes(day), deciding: decides && day === days.at(-1) }"
        :aria-pressed="days.includes(day)"
        :aria-label="`${name}, day ${day}`"
        @click="toggle(day)"
      >
        <i /><span>{{ day }}</span>
      </button>
    </div>
    <label class="soft small"
      >days <DaysField :days="days" :disabled="disabled" :label="`Reading days of ${name}`" @change="emit('change', $event)"
    /></label>
  </div>
</template>

<style scoped>
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  margin-top: 4px;
}
.line {
  position: relative;
  display: flex;
  flex: 1 1 420px;
  justify-content: space-between;
  max-width: 640px;
}
.line::before {
  position: absolute;
  top: 12px;
  right: 8px;
  left: 8px;
  height: 2px;
  background: var(--line);
  content: '';
}
button {
  position: relative;
  display: grid;
  min-width: 16px;
  padding: 4px 0 0;
  border: 0;
  background: none;
  color: var(--soft);
  font: 12px var(--text);
  cursor: pointer;
  place-items: center;
}
button:disabled {
  cursor: default;
}
i {
  width: 6px;
  height: 18px;
  background: radial-gradient(circle, var(--line) 3px, transparent 3.5px);
}
.on i {
  width: 16px;
  height: 16px;
  margin: 1px 0;
  border: 2px solid var(--ink);
  border-radius: 50%;
  background: var(--paper);
}
.deciding i {
  background: var(--pollen);
}
@media (max-width: 600px) {
  .line {
    flex: 1 1 100%;
    flex-wrap: wrap;
    justify-content: start;
  }
  .line::before {
    display: none;
  }
  button {
    min-width: 44px;
    min-height: 44px;
  }
}
label {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
}
</style>
