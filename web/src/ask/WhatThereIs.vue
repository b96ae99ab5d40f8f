<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { needs, type Requirement } from '@fern/core';
import QuantityField from '../components/QuantityField.vue';

/** What a person has, and for how long: questions that ask for more are left out. */
const own = defineModel<readonly Requirement[]>('own', { required: true });
const weeks = defineModel<number | null>('weeks', { required: true });
const toggle = (need: Requirement, has: boolean) => (own.value = has ? [...own.value, need] : own.value.filter((other) => other !== need));
</script>

<template>
  <fieldset>
    <legend>I have</legend>
    <Checkbox v-for="{ need, words } in needs" :key="need" :checked="own.includes(need)" @change="toggle(need, $event.target.checked)">{{
      words
    }}</Checkbox>
    <QuantityField before="and" :value="weeks" label="Weeks that I have" unit="weeks" :min="1" @change="weeks = $event" />
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 10px 0 0;
}
legend {
  float: left;
  margin: 0 4px 0 0;
}
</style>
