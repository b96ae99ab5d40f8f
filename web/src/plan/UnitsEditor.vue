<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  changePlan,
  kindOf,
  mostUnitsPerArm,
  planFields,
  plural,
  renameBlock,
  redesign,
  setSown,
  wishOf,
  type Layout,
  type Plan,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';
import SownEditor from './SownEditor.vue';
import ThinningEditor from './ThinningEditor.vue';

/** How many units, what is in each, where they stand, and how they are shuffled, as one sentence to fill in. */
const { experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const wish = computed(() => wishOf(experiment.value));
const most = computed(() => mostUnitsPerArm(experiment.value.arms.length));
const unequal = computed(() => new Set(Object.values(wish.value.unitsOf ?? {})).size > 1);
const sownApart = computed(() => new Set(experiment.value.units.map(({ sown }) => sown)).size > 1);
const blocks = computed(() => [...new Set(experiment.value.units.flatMap(({ block }) => block ?? []))]);
const counts = computed(() => experiment.value.measures.some((measure) => kindOf(measure).ofSown));
const apartOpen = ref(false);
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
    <span>The plant is</span>
    <TextField :value="experiment.plan.plant" class="plant" label="Plant" lazy @change="(plant) => set({ plant })" />
    <span>, and what is changed on purpose is</span>
    <TextField
      :value="experiment.plan.changed"
      class="changed"
      label="What is changed on purpose"
      lazy
      @change="(changed) => set({ changed })"
    />
  </div>
  <div v-if="!history.frozen" class="units">
    <span>One unit is a</span>
    <TextField
      :value="experiment.plan.unitNoun"
      class="word"
      lazy
      label="What one unit is called"
      :maxlength="40"
      @change="(unitNoun) => set({ unitNoun })"
    />
    <span>, and there are</span>
    <NumberField
      :value="unequal ? null : wish.unitsPerArm"
      label="Units per group"
      :placeholder="unequal ? 'differ' : undefined"
      :min="1"
      :max="most"
      whole
      :width="64"
      why="400 units in all is the most."
      @change="(unitsPerArm) => unitsPerArm !== null && history.edit((now) => redesign(now, { unitsPerArm, on: today() }))"
    />
    <span>{{ plural(experiment.plan.unitNoun) }} per group</span>
    <template v-if="counts">
      <span>with</span>
      <NumberField
        :value="sownApart ? null : wish.sown"
        label="Sown in each unit"
        :placeholder="sownApart ? 'differ' : undefined"
        :min="1"
        :max="1000000"
        whole
        optional
        :width="72"
        @change="(sown) => (sown !== null || !sownApart) && history.edit((now) => setSown(now, sown))"
      />
      <TextField
        :value="experiment.plan.propagule"
        class="word"
        lazy
        label="What is put in"
        :placeholder="planFields.propagule.blank"
        :maxlength="40"
        @change="(propagule) => set({ propagule })"
      />
      <span>in each</span>
      <button type="button" class="link" :aria-expanded="apartOpen" @click="apartOpen = !apartOpen">
        {{ apartOpen ? 'all alike again' : 'not as many in each?' }}
      </button>
    </template>
    <span>, standing</span>
    <ChoiceField :value="experiment.plan.place" :options="places" label="Where they stand" @change="(place) => set({ place })" />
    <span v-if="!documentStore.started">, shuffled</span>
    <ChoiceField
      v-if="!documentStore.started"
      :value="experiment.layout"
      :options="layouts"
      label="How they are shuffled"
      @change="(layout) => history.edit((now) => redesign(now, { layout }))"
    />
    <template v-if="experiment.layout === 'blocks' && !documentStore.started">
      <NumberField
        :value="wish.blocks"
        label="Number of blocks"
        :min="2"
        :max="wish.unitsPerArm"
        whole
        :width="60"
        @change="(blocks) => blocks !== null && history.edit((now) => redesign(now, { blocks }))"
      />
      <span>blocks</span>
    </template>
  </div>
  <SownEditor v-if="!history.frozen && counts && (apartOpen || sownApart)" />
  <p v-if="!history.frozen && experiment.layout === 'blocks'" class="units small">
    <span>The blocks are</span>
    <TextField
      v-for="(block, i) in blocks"
      :key="i"
      small
      class="word"
      :value="block"
      :label="`Name of block ${i + 1}`"
      :maxlength="60"
      lazy
      @change="(name) => history.edit((now) => renameBlock(now, block, name))"
    />
    <span class="soft">: shelves, kinds, crops or weeks. Their own numbers stand beside the whole.</span>
  </p>
  <ThinningEditor v-if="!history.frozen" />
  <ProblemNote :words="documentStore.errorAt('/units')" />
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
.plant {
  width: 170px;
}
.changed {
  flex: 1;
  min-width: 180px;
  max-width: 360px;
}
</style>
