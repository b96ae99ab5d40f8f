<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import { walkOrder } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../frame/loaded';
import ChoiceField from '../kit/ChoiceField.vue';
import TextField from '../kit/TextField.vue';
import { reachWords, strangersIn, type Reach, type Whom } from './whom';

/** Whom something is about: all, some arms, what shares something, or units picked on the bench one by one. */
const props = defineProps<{ whom: Whom; label: string; verb: string }>();
const emit = defineEmits<{ change: [whom: Whom] }>();
const { experiment } = useLoaded();
const reaches = computed(() => reachWords(experiment.value, props.verb));
const containers = computed(() => [...new Set(experiment.value.units.flatMap(({ container }) => container ?? []))].sort());
const inside = (name: string) => experiment.value.units.filter(({ container }) => container === name).map(({ unit }) => unit);
const isIn = (name: string) => inside(name).every((code) => props.whom.units.includes(code));
const set = (more: Partial<Whom>) => emit('change', { ...props.whom, ...more });
const toggle = (list: readonly string[], code: string) => (list.includes(code) ? list.filter((own) => own !== code) : [...list, code]);
function toggleContainer(name: string): void {
  const own = inside(name);
  const others = props.whom.units.filter((code) => !own.includes(code));
  set({ units: isIn(name) ? others : [...others, ...own] });
}
const typeCodes = (text: string) => set({ units: [...new Set(text.split(/[\s,;]+/).filter((code) => code !== ''))] });
const strangers = computed(() => strangersIn(experiment.value, props.whom));
</script>

<template>
  <ChoiceField :value="whom.reach" :options="reaches" :label="label" @change="set({ reach: $event as Reach })" />
  <div v-if="whom.reach === 'arms'" role="group" aria-label="Which arms">
    <Checkbox
      v-for="arm in experiment.arms"
      :key="arm.arm"
      :checked="whom.arms.includes(arm.arm)"
      @change="set({ arms: toggle(whom.arms, arm.arm) })"
      >{{ arm.name }}</Checkbox
    >
  </div>
  <template v-if="whom.reach === 'units'">
    <div v-if="containers.length > 0 && !experiment.blinded" role="group" aria-label="What they share">
      <Checkbox v-for="name in containers" :key="name" :checked="isIn(name)" @change="toggleContainer(name)">{{ name }}</Checkbox>
    </div>
    <div class="thumbs" role="group" :aria-label="`Each ${experiment.plan.unitWord}`">
      <button
        v-for="{ unit } in walkOrder(experiment.units)"
        :key="unit"
        type="button"
        class="mono"
        :aria-pressed="whom.units.includes(unit)"
        @click="set({ units: toggle(whom.units, unit) })"
      >
        {{ unit }}
      </button>
    </div>
    <div class="drawn">
      <BenchView
        v-bind="benchOf(experiment)"
        :blind="experiment.blinded"
        :done="new Set(whom.units)"
        pickable
        @pick="set({ units: toggle(whom.units, $event) })"
      />
    </div>
    <TextField :value="whom.units.join(' ')" placeholder="P01 P02" label="Their codes" :most="2000" @change="typeCodes" />
    <span v-if="strangers.length > 0" class="wrong" role="alert"
      >There is no {{ experiment.plan.unitWord }} {{ strangers.join(', ') }}.</span
    >
  </template>
</template>

<style scoped>
.thumbs {
  display: none;
  grid-template-columns: repeat(auto-fill, minmax(56px, 1fr));
  gap: 6px;
  max-height: 260px;
  overflow: auto;
}
.thumbs button {
  min-height: 44px;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
}
.thumbs button[aria-pressed='true'] {
  border-color: var(--sprout);
  background: var(--sprout-wash);
  font-weight: 700;
}
@media (max-width: 600px) {
  .thumbs {
    display: grid;
  }
  .drawn {
    display: none;
  }
}
.wrong {
  color: var(--rust);
}
</style>
