<script setup lang="ts">
import { addKept, changeKept, removeKept } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import RemoveButton from '../components/RemoveButton.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';

const { experiment } = useLoaded();
const history = useHistory();
</script>

<template>
  <div class="head later">
    <h2>Kept the same, and how</h2>
    <AddButton v-if="!history.frozen" @add="history.edit(addKept)">Add a condition</AddButton>
  </div>
  <ul class="bare-list">
    <li v-for="(item, i) in experiment.plan.kept" :key="i">
      <TextField
        small
        :value="item.what"
        :disabled="history.frozen"
        placeholder="what"
        :label="`Condition ${i + 1}`"
        @change="(what) => history.edit((now) => changeKept(now, i, { what }))"
      />
      <TextField
        small
        :value="item.how"
        :disabled="history.frozen"
        placeholder="how it is kept the same"
        :label="`How condition ${i + 1} is kept the same`"
        @change="(how) => history.edit((now) => changeKept(now, i, { how }))"
      />
      <RemoveButton v-if="!history.frozen" :label="`Take away ${item.what}`" @away="history.edit((now) => removeKept(now, i))" />
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2fr) auto;
  gap: 8px;
}
</style>
