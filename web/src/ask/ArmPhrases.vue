<script setup lang="ts">
import { rephraseArm, withArm } from '@fern/core';
import TextField from '../components/TextField.vue';
import { useLoaded } from '../layout/loaded';
import { useHistory } from '../stores/history';

/** How sentences go on with an arm, where "with" and its name do not fit. */
const { experiment } = useLoaded();
const history = useHistory();
</script>

<template>
  <details v-if="!history.frozen" class="small">
    <summary>How sentences name the groups</summary>
    <label v-for="{ code, name, phrase } in experiment.arms" :key="code"
      >{{ name
      }}<TextField
        :value="phrase"
        :label="`Words for ${name} in a sentence`"
        :placeholder="withArm([], name)"
        :maxlength="120"
        lazy
        @change="(words) => history.edit((now) => rephraseArm(now, code, words))"
    /></label>
  </details>
</template>

<style scoped>
details {
  max-width: 560px;
}
label {
  display: grid;
  grid-template-columns: minmax(90px, 1fr) minmax(160px, 2fr);
  gap: 8px;
  align-items: center;
  margin: 4px 0;
}
</style>
