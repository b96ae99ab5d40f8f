<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { calculatorOf, calculators } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import TwoColumns from '../kit/TwoColumns.vue';
import CalculatorCard from './CalculatorCard.vue';
import CalculatorList from './CalculatorList.vue';
import PrepareTabs from './PrepareTabs.vue';

/** The calculators beside an experiment. */
const { id } = useLoaded();
const route = useRoute();
const calculator = computed(() => calculatorOf(String(route.params.calculator ?? '')) ?? calculators[0]);
const none = {};
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <h1>{{ calculator.title }}</h1>
    <CalculatorCard :key="calculator.id" :calculator="calculator" :start="none" />
    <template #margin
      ><CalculatorList :now="calculator.id" :to="(own) => ({ name: 'reckon', params: { id, calculator: own } })"
    /></template>
  </TwoColumns>
</template>
