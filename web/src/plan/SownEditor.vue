<script setup lang="ts">
import { computed } from 'vue';
import { setSownOf, roundOrder } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import NumberField from '../components/NumberField.vue';
import { useHistory } from '../stores/history';

/** How many were put into each unit, one by one, where they differ. */
const { experiment } = useLoaded();
const history = useHistory();
const units = computed(() => roundOrder(experiment.value.units));
</script>

<template>
  <ul class="bare-list" :aria-label="`${experiment.plan.propagule} in each ${experiment.plan.unitNoun}`">
    <li v-for="unit in units" :key="unit.code">
      <span class="mono small">{{ unit.code }}</span>
      <NumberField
        small
        :value="unit.sown"
        :label="`Sown in ${unit.code}`"
        :min="1"
        :max="1000000"
        whole
        :width="58"
        @change="(sown) => history.edit((now) => setSownOf(now, unit.code, sown))"
      />
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 4px 12px;
  max-height: 260px;
  margin: 0 0 14px;
  overflow: auto;
}
li {
  display: flex;
  gap: 6px;
  align-items: baseline;
}
</style>
