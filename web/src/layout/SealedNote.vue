<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { shortDate } from '@fern/core';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import { useAttempt } from '../stores/attempt';
import { useDocument } from '../stores/document';
import { today } from '../stores/today';
import { useLoaded } from './loaded';

/** Stands in place of what would tell the arms while the key is sealed, and is where it is opened. */
const { experiment } = useLoaded();
const documentStore = useDocument();
const reason = ref('');
const wrong = ref<string | null>(null);
const { busy, error, attempt } = useAttempt();
const sealedOn = computed(() => shortDate(experiment.value.plan.seal.sealedOn ?? today()));
function open(): void {
  const why = reason.value.trim();
  wrong.value = why === '' ? 'Say why it is opened: “all is read” is reason enough.' : null;
  if (why !== '') void attempt(() => documentStore.openSeal({ on: today(), reason: why }));
}
</script>

<template>
  <main id="content" class="sealed">
    <h1>The key is sealed</h1>
    <p>
      It is read blind: since {{ sealedOn }} no page tells which {{ experiment.plan.unitNoun }} is of which group. What they show is worked
      out once the key is open. Readings from then on are not blind, and the report says when it was opened, by whom and why.
    </p>
    <form @submit.prevent="open">
      <label
        >Why is it opened?
        <TextField
          :value="reason"
          label="Why the key is opened"
          placeholder="the last reading is done"
          :maxlength="500"
          @change="reason = $event"
      /></label>
      <Button type="primary" size="large" html-type="submit" :disabled="busy">Open the key</Button>
    </form>
    <ProblemNote :words="wrong ?? error" />
  </main>
</template>

<style scoped>
.sealed {
  max-width: 640px;
  padding: 24px;
}
form {
  display: grid;
  gap: 12px;
  justify-items: start;
}
label {
  display: grid;
  gap: 4px;
  width: 100%;
}
</style>
