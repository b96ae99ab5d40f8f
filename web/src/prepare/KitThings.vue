<script setup lang="ts">
import { computed } from 'vue';
import { changeKit, emptyThing, type KitThing } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import RemoveButton from '../components/RemoveButton.vue';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';
import KitItem from './KitItem.vue';

/** Things that are got besides, with how many or how much of each. */
const { experiment } = useLoaded();
const history = useHistory();
const things = computed(() => experiment.value.plan.kit.things);
const change = (next: readonly KitThing[]) => history.edit((now) => changeKit(now, { things: next }));
const thing = (i: number, more: Partial<KitThing>) => change(things.value.map((own, k) => (k === i ? { ...own, ...more } : own)));
const units = [
  { value: '', label: '×' },
  { value: 'g', label: 'g' },
  { value: 'mL', label: 'mL' },
] as const;
const pers = computed(
  () =>
    [
      { value: 'all', label: 'in all' },
      { value: 'unit', label: `for each ${experiment.value.plan.unitNoun}` },
      { value: 'group', label: 'for each group' },
      { value: 'block', label: 'for each block' },
    ] as const,
);
</script>

<template>
  <h3>And besides</h3>
  <ul class="bare-list" aria-label="And besides">
    <KitItem v-for="(own, i) in things" :key="i" :arms="experiment.arms" :ticked="own.arms" @arms="(arms) => thing(i, { arms })">
      <TextField small :value="own.what" :label="`Thing ${i + 1}`" class="name" @change="(what) => thing(i, { what })" />
      <RemoveButton :label="`Remove ${own.what}`" @away="change(things.filter((_, k) => k !== i))" />
      <template #more>
        <NumberField
          small
          :value="own.each"
          :label="`How many ${own.what}`"
          :min="0"
          :max="1e6"
          optional
          placeholder="some"
          :width="60"
          @change="thing(i, { each: $event === 0 ? null : $event })"
        />
        <template v-if="own.each !== null">
          <ChoiceField :value="own.unit" :options="units" :label="`Unit of ${own.what}`" @change="thing(i, { unit: $event })" />
          <ChoiceField :value="own.per" :options="pers" :label="`For each what: ${own.what}`" @change="thing(i, { per: $event })" />
        </template>
      </template>
    </KitItem>
  </ul>
  <p><AddButton @add="change([...things, { ...emptyThing }])">Add a thing</AddButton></p>
</template>

<style scoped>
h3 {
  margin: 12px 0 4px;
}
p {
  margin: 0 0 8px;
}
.name {
  width: 210px;
}
</style>
