<script setup lang="ts">
import { computed } from 'vue';
import { changePlan, kindOf, mostUnitsPerArm, planFields, plural, replan, setSown, wishOf, type Layout, type Plan } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import ChoiceField from '../kit/ChoiceField.vue';
import NumberField from '../kit/NumberField.vue';
import ProblemNote from '../kit/ProblemNote.vue';
import TextField from '../kit/TextField.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';
import ThinningEditor from './ThinningEditor.vue';

/** How many units, what is in each, where they stand, and how they are shuffled, as one sentence to fill in. */
const { experiment } = useLoaded();
const document = useDocument();
const history = useHistory();
const wish = computed(() => wishOf(experiment.value));
const most = computed(() => mostUnitsPerArm(experiment.value.arms.length));
const counts = computed(() => experiment.value.measures.some((measure) => kindOf(measure).ofSown));
const layouts: readonly { value: Layout; label: string }[] = [
  { value: 'completely-random', label: 'all together' },
  { value: 'blocks', label: 'in blocks (shelves, days, batches)' },
  { value: 'pairs', label: 'in pairs' },
];
const standing: Readonly<Record<Plan['place'], string>> = {
  bench: 'on a bench',
  sill: 'on a sill',
  bed: 'in a bed',
  ground: 'in the ground',
  'water culture': 'in water',
  refrigerator: 'in a refrigerator',
};
const places = (Object.keys(standing) as Plan['place'][]).map((value) => ({ value, label: standing[value] }));
const set = (more: Partial<Plan>) => history.edit((now) => changePlan(now, more));
</script>

<template>
  <div v-if="!history.frozen" class="units" aria-label="Units">
    <span>One unit is a</span>
    <TextField
      :value="experiment.plan.unitWord"
      class="word"
      label="What one unit is called"
      :most="40"
      @change="(unitWord) => set({ unitWord })"
    />
    <span>, and there are</span>
    <NumberField
      :value="wish.unitsPerArm"
      label="Units an arm"
      :min="1"
      :max="most"
      whole
      :width="64"
      why="400 units in all is the most."
      @change="(unitsPerArm) => unitsPerArm !== null && history.edit((now) => replan(now, { unitsPerArm, on: today() }))"
    />
    <span>{{ plural(experiment.plan.unitWord) }} an arm</span>
    <template v-if="counts">
      <span>with</span>
      <NumberField
        :value="wish.sown"
        label="Sown in each unit"
        :min="1"
        :max="1000000"
        whole
        empty
        :width="72"
        @change="(sown) => history.edit((now) => setSown(now, sown))"
      />
      <TextField
        :value="experiment.plan.putIn"
        class="word"
        label="What is put in"
        :placeholder="planFields.putIn.blank"
        :most="40"
        @change="(putIn) => set({ putIn })"
      />
      <span>in each</span>
    </template>
    <span>, standing</span>
    <ChoiceField :value="experiment.plan.place" :options="places" label="Where they stand" @change="(place) => set({ place })" />
    <span v-if="!document.started">, shuffled</span>
    <ChoiceField
      v-if="!document.started"
      :value="experiment.layout"
      :options="layouts"
      label="How they are shuffled"
      @change="(layout) => history.edit((now) => replan(now, { layout }))"
    />
    <template v-if="experiment.layout === 'blocks' && !document.started">
      <NumberField
        :value="wish.blocks"
        label="Number of blocks"
        :min="2"
        :max="wish.unitsPerArm"
        whole
        :width="60"
        @change="(blocks) => blocks !== null && history.edit((now) => replan(now, { blocks }))"
      />
      <span>blocks</span>
    </template>
  </div>
  <ThinningEditor v-if="!history.frozen" />
  <ProblemNote :words="document.wrongAt('/units')" />
</template>

<style scoped>
.units {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: baseline;
  margin: 0 0 12px;
  font-size: 15px;
}
.word {
  width: 92px;
}
</style>
