<script setup lang="ts">
import { changePlan, plural, type Plan } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';

/** Which plants stay after thinning, and how many units will be left at the end. */
const { experiment } = useLoaded();
const history = useHistory();
const set = (more: Partial<Plan>) => history.edit((now) => changePlan(now, more));
</script>

<template>
  <details class="small">
    <summary>Thinning and losses</summary>
    <p>
      <span>Of those that come up</span>
      <NumberField
        :value="experiment.plan.plantsKept"
        label="Plants kept in each unit"
        :min="1"
        :max="1000"
        whole
        optional
        :width="64"
        @change="(plantsKept) => set({ plantsKept })"
      />
      <span>are kept in each (empty: all), and the rule is</span>
      <TextField
        :value="experiment.plan.thinningRule"
        class="rule"
        label="Which plants are kept"
        placeholder="keep the one nearest the centre"
        @change="(thinningRule) => set({ thinningRule })"
      />
    </p>
    <p>
      <span>About</span>
      <NumberField
        :value="experiment.plan.expectedSurvival === null ? null : Math.round(experiment.plan.expectedSurvival * 100)"
        label="Units expected to be there at the end, per cent"
        :min="1"
        :max="100"
        optional
        :width="64"
        @change="(share) => set({ expectedSurvival: share === null ? null : share / 100 })"
      />
      <span>% of the {{ plural(experiment.plan.unitNoun) }} will still be there at the end.</span>
    </p>
  </details>
</template>

<style scoped>
details {
  margin-bottom: 10px;
}
p {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: baseline;
  margin: 0 0 12px;
}
.rule {
  width: 300px;
}
</style>
