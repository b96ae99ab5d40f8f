<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import { replan, wishOf, type Experiment, type Shelf, type Unit } from '@fern/core';
import ChoiceField from '../frame/ChoiceField.vue';
import NumberField from '../frame/NumberField.vue';
import { useExperiment } from '../stores/experiment';

/** The bench itself: how wide it is, what its shelves are called, where the light comes from, what could reach a neighbour. */
const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const lights: readonly { value: Shelf['light']; label: string }[] = [
  { value: 'lamp', label: 'lamp above' },
  { value: 'window', label: 'window on the left' },
  { value: 'none', label: 'light from all sides' },
];
const reaches = ['drips', 'roots', 'vapour', 'light'];
type Sharing = 'none' | 'arm' | 'three' | 'as-is';
const sharings = computed<{ value: Sharing; label: string }[]>(() => [
  { value: 'none', label: `each ${experiment.value.plan.unitWord} has its own` },
  { value: 'arm', label: 'one for each arm' },
  { value: 'three', label: 'one for every three places' },
  ...(sharing.value === 'as-is' ? [{ value: 'as-is' as const, label: 'as they came' }] : []),
]);
const containerOf = (unit: Unit, how: Sharing) =>
  how === 'arm' ? `tank ${unit.arm}` : how === 'three' ? `tray ${unit.row ?? 1}-${Math.ceil((unit.column ?? 1) / 3)}` : null;
const sharing = computed<Sharing>(
  () =>
    (['none', 'arm', 'three'] as const).find((how) => experiment.value.units.every((unit) => unit.container === containerOf(unit, how))) ??
    'as-is',
);
const share = (how: Sharing) =>
  how !== 'as-is' && store.change((now) => ({ ...now, units: now.units.map((unit) => ({ ...unit, container: containerOf(unit, how) })) }));
const setShelf = (index: number, more: Partial<Shelf>) =>
  store.change((now) => ({
    ...now,
    plan: { ...now.plan, bench: now.plan.bench.map((shelf, i) => (i === index ? { ...shelf, ...more } : shelf)) },
  }));
const toggle = (what: string) =>
  store.change((now) => ({
    ...now,
    plan: {
      ...now.plan,
      canReach: now.plan.canReach.includes(what) ? now.plan.canReach.filter((other) => other !== what) : [...now.plan.canReach, what],
    },
  }));
</script>

<template>
  <details v-if="!store.frozen" class="small settings">
    <summary>The bench: size, shelves, light, barriers</summary>
    <p class="line">
      <span>Places side by side</span
      ><NumberField
        :value="wishOf(experiment).columns"
        label="Places side by side"
        :min="1"
        :max="40"
        whole
        :width="64"
        @change="
          (columns) =>
            columns !== null && store.change((now) => replan({ ...now, plan: { ...now.plan, bench: [], barriers: [] } }, { columns }))
        "
      />
    </p>
    <p v-for="(shelf, i) in experiment.plan.bench" :key="i" class="line">
      <Input
        size="small"
        :value="shelf.name"
        class="shelf"
        :aria-label="`Name of shelf ${i + 1}`"
        :maxlength="60"
        @change="setShelf(i, { name: ($event.target as HTMLInputElement).value })"
      />
      <ChoiceField :value="shelf.light" :options="lights" :label="`Light of shelf ${i + 1}`" @change="setShelf(i, { light: $event })" />
    </p>
    <p class="line">
      <span>Reservoirs, trays or lamps:</span>
      <ChoiceField :value="sharing" :options="sharings" label="What units share" @change="share" />
    </p>
    <p class="line">
      <span>What could get to a neighbour:</span>
      <label v-for="what in reaches" :key="what"
        ><input type="checkbox" :checked="experiment.plan.canReach.includes(what)" @change="toggle(what)" /> {{ what }}</label
      >
      <button
        v-if="experiment.plan.barriers.length > 0"
        type="button"
        class="link"
        @click="store.change((now) => ({ ...now, plan: { ...now.plan, barriers: [] } }))"
      >
        Take the {{ experiment.plan.barriers.length }} barriers away
      </button>
    </p>
  </details>
</template>

<style scoped>
.settings {
  margin: 0 0 22px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: baseline;
  margin: 8px 0;
}
.shelf {
  width: 220px;
}
</style>
