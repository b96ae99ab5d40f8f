<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { changePlan, changeShelf, oneSideEach, setColumns, toggleReach, wishOf, type Shelf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';

/** The bench itself: how wide it is, what its shelves are called, where the light comes from, what could reach a neighbour. */
const { experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const lights: readonly { value: Shelf['light']; label: string }[] = [
  { value: 'lamp', label: 'lamp above' },
  { value: 'window', label: 'window on the left' },
  { value: 'outdoors', label: 'outdoors' },
  { value: 'none', label: 'light from all sides' },
];
const reaches = ['drips', 'roots', 'vapour', 'light'];
const kinds: readonly { value: Shelf['kind']; label: string }[] = [
  { value: 'shelf', label: 'a shelf' },
  { value: 'sill', label: 'a sill' },
  { value: 'bed', label: 'a bed' },
  { value: 'ground', label: 'the ground' },
  { value: 'tank', label: 'a tank' },
  { value: 'refrigerator', label: 'a refrigerator' },
  { value: 'box', label: 'a box' },
];
</script>

<template>
  <details v-if="!history.frozen" class="small settings">
    <summary>The bench: size, kinds of place, light, sides, barriers</summary>
    <p v-if="!documentStore.started" class="line">
      <span>Places side by side</span
      ><NumberField
        :value="wishOf(experiment).columns"
        label="Places side by side"
        :min="1"
        :max="40"
        whole
        :width="64"
        @change="(columns) => columns !== null && history.edit((now) => setColumns(now, columns))"
      />
    </p>
    <p v-for="(shelf, i) in experiment.plan.bench" :key="i" class="line">
      <TextField
        small
        :value="shelf.name"
        class="shelf"
        :label="`Name of shelf ${i + 1}`"
        :maxlength="60"
        @change="(name) => history.edit((now) => changeShelf(now, i, { name }))"
      />
      <ChoiceField
        :value="shelf.kind"
        :options="kinds"
        :label="`Kind of shelf ${i + 1}`"
        @change="(kind) => history.edit((now) => changeShelf(now, i, { kind }))"
      />
      <ChoiceField
        :value="shelf.light"
        :options="lights"
        :label="`Light of shelf ${i + 1}`"
        @change="(light) => history.edit((now) => changeShelf(now, i, { light }))"
      />
    </p>
    <p v-if="!documentStore.started" class="line">
      <span>{{
        experiment.plan.fixedPlaces
          ? 'The places are fixed: each group has its own side.'
          : 'Places that cannot be shuffled, as a bed cut in half:'
      }}</span>
      <Button v-if="!experiment.plan.fixedPlaces" size="small" @click="history.edit(oneSideEach)">Put each group on its own side</Button>
    </p>
    <p class="line">
      <span>What could get to a neighbour:</span>
      <label v-for="what in reaches" :key="what"
        ><input
          type="checkbox"
          :checked="experiment.plan.spilloverRoutes.includes(what)"
          @change="history.edit((now) => toggleReach(now, what))"
        />
        {{ what }}</label
      >
      <button
        v-if="experiment.plan.barriers.length > 0"
        type="button"
        class="link"
        @click="history.edit((now) => changePlan(now, { barriers: [] }))"
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
