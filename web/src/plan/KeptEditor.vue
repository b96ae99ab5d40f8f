<script setup lang="ts">
import { addKept, changeKept, removeKept } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import TextField from '../kit/TextField.vue';
import { useHistory } from '../stores/history';

const { experiment } = useLoaded();
const history = useHistory();
</script>

<template>
  <div class="head later">
    <h2>Kept the same, and how</h2>
    <button v-if="!history.frozen" type="button" class="link" @click="history.edit(addKept)">Add a condition</button>
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
      <button
        v-if="!history.frozen"
        type="button"
        class="away"
        :aria-label="`Take away ${item.what}`"
        @click="history.edit((now) => removeKept(now, i))"
      >
        ×
      </button>
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
  grid-template-columns: 1fr 2fr 24px;
  gap: 8px;
}
</style>
