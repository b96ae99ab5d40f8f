<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { calculatorOf, calculators, itemAt } from '@fern/core';
import AppHeader from '../layout/AppHeader.vue';
import TwoColumns from '../components/TwoColumns.vue';
import CalculatorCard from './CalculatorCard.vue';
import CalculatorList from './CalculatorList.vue';

/** The calculators by themselves, without an experiment. */
const route = useRoute();
const asked = computed(() => String(route.params.calculator ?? ''));
const calculator = computed(() => calculatorOf(asked.value) ?? itemAt(calculators, 0));
const none = {};
</script>

<template>
  <AppHeader />
  <TwoColumns class="calculators">
    <p v-if="asked !== '' && calculator.id !== asked" role="alert">There is no calculator “{{ asked }}”. Here is the first.</p>
    <h1>{{ calculator.title }}</h1>
    <CalculatorCard :key="calculator.id" :calculator="calculator" :start="none" />
    <template #sidebar
      ><CalculatorList :now="calculator.id" :to="(id) => ({ name: 'calculators', params: { calculator: id } })"
    /></template>
  </TwoColumns>
</template>

<style scoped>
.calculators {
  padding-top: 26px;
}
</style>
