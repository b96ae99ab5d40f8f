<script setup lang="ts">
import { changePlan } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import LinesField from '../kit/LinesField.vue';
import TwoColumns from '../kit/TwoColumns.vue';
import { useHistory } from '../stores/history';
import PrepareTabs from './PrepareTabs.vue';

const { experiment } = useLoaded();
const history = useHistory();
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <h1>Kit</h1>
    <LinesField
      :value="experiment.plan.materials"
      label="Kit, one item a line"
      @change="(materials) => history.edit((now) => changePlan(now, { materials }))"
    />
  </TwoColumns>
</template>
