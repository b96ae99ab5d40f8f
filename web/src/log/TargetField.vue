<script setup lang="ts">
import { readsBlind } from '@fern/core';
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import TextField from '../components/TextField.vue';
import UnitPicker from './UnitPicker.vue';
import { reachWords, strangersIn, type Reach, type Target } from './target';

/** Whom something is about: all, some arms, what shares something, or units picked on the bench one by one. */
const props = defineProps<{ whom: Target; label: string; verb: string }>();
const emit = defineEmits<{ change: [whom: Target] }>();
const { experiment } = useLoaded();
const reaches = computed(() => reachWords(experiment.value, props.verb));
const containers = computed(() => [...new Set(experiment.value.units.flatMap(({ container }) => container ?? []))].sort());
const inside = (name: string) => experiment.value.units.filter(({ container }) => container === name).map(({ code: unit }) => unit);
const isIn = (name: string) => inside(name).every((code) => props.whom.units.includes(code));
const set = (more: Partial<Target>) => emit('change', { ...props.whom, ...more });
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
  <div v-if="whom.reach === 'arms'" role="group" aria-label="Which groups">
    <Checkbox
      v-for="arm in experiment.arms"
      :key="arm.code"
      :checked="whom.arms.includes(arm.code)"
      @change="set({ arms: toggle(whom.arms, arm.code) })"
      >{{ arm.name }}</Checkbox
    >
  </div>
  <template v-if="whom.reach === 'units'">
    <div v-if="containers.length > 0 && !readsBlind(experiment)" role="group" aria-label="What they share">
      <Checkbox v-for="name in containers" :key="name" :checked="isIn(name)" @change="toggleContainer(name)">{{ name }}</Checkbox>
    </div>
    <UnitPicker :units="experiment.units" :picked="new Set(whom.units)" @pick="set({ units: toggle(whom.units, $event) })" />
    <TextField :value="whom.units.join(' ')" placeholder="P01 P02" label="Their codes" :maxlength="2000" @change="typeCodes" />
    <span v-if="strangers.length > 0" class="wrong" role="alert"
      >There is no {{ experiment.plan.unitNoun }} {{ strangers.join(', ') }}.</span
    >
  </template>
</template>

<style scoped>
.wrong {
  color: var(--rust);
}
</style>
