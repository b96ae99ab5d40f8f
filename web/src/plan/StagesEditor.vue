<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import type { Experiment, Stage, StageKind } from '@fern/core';
import ChoiceField from '../frame/ChoiceField.vue';
import NumberField from '../frame/NumberField.vue';
import { useExperiment } from '../stores/experiment';

/** What each arm goes through: soaks, sprays, moves. What is not tested itself, the control must go through as well. */
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const kinds: readonly { value: StageKind; label: string }[] = [
  { value: 'soak', label: 'soaked' },
  { value: 'spray', label: 'sprayed' },
  { value: 'handle', label: 'handled' },
  { value: 'open', label: 'opened' },
  { value: 'heat', label: 'warmed' },
  { value: 'cold', label: 'chilled' },
  { value: 'move', label: 'moved' },
  { value: 'other', label: 'something else' },
];
const set = (edit: (stages: readonly Stage[]) => Stage[]) =>
  store.change((now) => ({ ...now, plan: { ...now.plan, stages: edit(now.plan.stages) } }));
const change = (index: number, more: Partial<Stage>) =>
  set((stages) => stages.map((stage, i) => (i === index ? { ...stage, ...more } : stage)));
const toggle = (index: number, arm: string) => {
  const { arms } = experiment.value.plan.stages[index];
  change(index, { arms: arms.includes(arm) ? arms.filter((other) => other !== arm) : [...arms, arm] });
};
const add = () =>
  set((stages) => [
    ...stages,
    {
      name: 'soak',
      kind: 'soak',
      arms: experiment.value.arms.filter(({ role }) => role === 'treatment').map(({ arm }) => arm),
      hours: null,
      tested: false,
    },
  ]);
</script>

<template>
  <div class="head">
    <h2>What is done to them</h2>
    <button v-if="!store.frozen" type="button" class="link" @click="add">Add a step</button>
  </div>
  <p v-if="experiment.plan.stages.length === 0" class="soft small">
    Soaks, sprays, moves: what one arm goes through, the control should go through as well, in plain water.
  </p>
  <ul>
    <li v-for="(stage, i) in experiment.plan.stages" :key="i" role="group" :aria-label="stage.name">
      <Input
        size="small"
        :value="stage.name"
        :disabled="store.frozen"
        :aria-label="`Step ${i + 1}`"
        :maxlength="300"
        class="name"
        @change="change(i, { name: ($event.target as HTMLInputElement).value })"
      />
      <ChoiceField
        :value="stage.kind"
        :options="kinds"
        :disabled="store.frozen"
        :label="`Kind of step ${i + 1}`"
        @change="change(i, { kind: $event })"
      />
      <NumberField
        :value="stage.hours"
        :label="`Hours of step ${i + 1}`"
        :min="0"
        empty
        :width="64"
        :disabled="store.frozen"
        @change="change(i, { hours: $event })"
      /><span class="small">h</span>
      <span class="arms small"
        ><label v-for="arm in experiment.arms" :key="arm.arm"
          ><input type="checkbox" :checked="stage.arms.includes(arm.arm)" :disabled="store.frozen" @change="toggle(i, arm.arm)" />
          {{ arm.arm }}</label
        ></span
      >
      <label class="small"
        ><input type="checkbox" :checked="stage.tested" :disabled="store.frozen" @change="change(i, { tested: !stage.tested })" /> this is
        what is tested</label
      >
      <button
        v-if="!store.frozen"
        type="button"
        class="away"
        :aria-label="`Take away step ${stage.name}`"
        @click="set((stages) => stages.filter((_, k) => k !== i))"
      >
        ×
      </button>
    </li>
  </ul>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin: 24px 0 8px;
}
ul {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: baseline;
}
.name {
  width: 230px;
}
.arms {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 4px 10px;
}
</style>
