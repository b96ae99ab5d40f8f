<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import { mostUnitsPerArm, plural, replan, wishOf, type Experiment, type Layout } from '@fern/core';
import ChoiceField from '../frame/ChoiceField.vue';
import NumberField from '../frame/NumberField.vue';
import { useExperiment } from '../stores/experiment';

/** How many units, what is in each, and how they are shuffled, as one sentence to fill in. */
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const wish = computed(() => wishOf(experiment.value));
const most = computed(() => mostUnitsPerArm(experiment.value.arms.length));
const counts = computed(() => experiment.value.measures.some((measure) => measure.kind === 'count'));
const layouts: readonly { value: Layout; label: string }[] = [
  { value: 'completely-random', label: 'all together' },
  { value: 'blocks', label: 'in blocks (shelves, days, batches)' },
  { value: 'pairs', label: 'in pairs' },
];
const setWord = (event: Event) => {
  const { value } = event.target as HTMLInputElement;
  store.change((now) => ({ ...now, plan: { ...now.plan, unitWord: value } }));
};
const setPlan = (more: Partial<Experiment['plan']>) => store.change((now) => ({ ...now, plan: { ...now.plan, ...more } }));
const setSown = (sown: number | null) => store.change((now) => ({ ...now, units: now.units.map((unit) => ({ ...unit, sown })) }));
</script>

<template>
  <div v-if="!store.frozen" class="units" aria-label="Units">
    <span>One unit is a</span>
    <Input :value="experiment.plan.unitWord" class="word" aria-label="What one unit is called" :maxlength="40" @change="setWord" />
    <span>, and there are</span>
    <NumberField
      :value="wish.unitsPerArm"
      label="Units an arm"
      :min="1"
      :max="most"
      whole
      :width="64"
      why="400 units in all is the most."
      @change="(unitsPerArm) => unitsPerArm !== null && store.change((now) => replan(now, { unitsPerArm }))"
    />
    <span>{{ plural(experiment.plan.unitWord) }} an arm</span>
    <template v-if="counts">
      <span>with</span>
      <NumberField :value="wish.sown" label="Sown in each unit" :min="1" :max="1000000" whole empty :width="72" @change="setSown" />
      <span>sown in each</span>
    </template>
    <span>, shuffled</span>
    <ChoiceField
      :value="experiment.layout"
      :options="layouts"
      label="How they are shuffled"
      @change="(layout) => store.change((now) => replan(now, { layout }))"
    />
    <template v-if="experiment.layout === 'blocks'">
      <NumberField
        :value="wish.blocks"
        label="Number of blocks"
        :min="2"
        :max="wish.unitsPerArm"
        whole
        :width="60"
        @change="(blocks) => blocks !== null && store.change((now) => replan(now, { blocks }))"
      />
      <span>blocks</span>
    </template>
  </div>
  <details v-if="!store.frozen" class="small">
    <summary>Thinning and losses</summary>
    <p class="units">
      <span>Of those that come up</span>
      <NumberField
        :value="experiment.plan.plantsKept"
        label="Plants kept in each unit"
        :min="1"
        :max="1000"
        whole
        empty
        :width="64"
        @change="(plantsKept) => setPlan({ plantsKept })"
      />
      <span>are kept in each (empty: all), and the rule is</span>
      <Input
        :value="experiment.plan.thinningRule"
        class="rule"
        aria-label="Which plants are kept"
        placeholder="keep the one nearest the centre"
        :maxlength="300"
        @change="setPlan({ thinningRule: ($event.target as HTMLInputElement).value })"
      />
    </p>
    <p class="units">
      <span>About</span>
      <NumberField
        :value="experiment.plan.expectedSurvival === null ? null : Math.round(experiment.plan.expectedSurvival * 100)"
        label="Units expected to be there at the end, per cent"
        :min="1"
        :max="100"
        empty
        :width="64"
        @change="(share) => setPlan({ expectedSurvival: share === null ? null : share / 100 })"
      />
      <span>% of the {{ plural(experiment.plan.unitWord) }} will still be there at the end.</span>
    </p>
  </details>
  <p v-if="store.wrongAt('/units')" class="wrong" role="alert">{{ store.wrongAt('/units') }}</p>
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
.rule {
  width: 300px;
}
details {
  margin-bottom: 10px;
}
.word {
  width: 92px;
}
.wrong {
  color: var(--rust);
}
</style>
