<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { reactive } from 'vue';
import { addPrediction, removePrediction } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import TextField from '../kit/TextField.vue';
import { useHistory } from '../stores/history';
import { today } from '../stores/today';

/** What everyone expects and why, sealed with the first reading. */
defineProps<{ sealed: boolean }>();
const { experiment } = useLoaded();
const history = useHistory();
const typed = reactive({ person: '', expects: '', reason: '' });

function add(): void {
  const prediction = { person: typed.person.trim(), expects: typed.expects.trim(), reason: typed.reason.trim(), on: today() };
  if (prediction.person === '' || prediction.expects === '') return;
  history.edit((now) => addPrediction(now, prediction));
  Object.assign(typed, { person: '', expects: '', reason: '' });
}
</script>

<template>
  <h2>Predictions</h2>
  <p class="soft small">
    {{ sealed ? 'Sealed since the first reading.' : 'Everyone says what they expect and why. They are sealed with the first reading.' }}
  </p>
  <ul class="bare-list">
    <li v-for="(item, i) in experiment.plan.predictions" :key="i">
      <span
        ><b>{{ item.person }}</b
        >: {{ item.expects }}<template v-if="item.reason">, because {{ item.reason }}</template></span
      >
      <button
        v-if="!sealed"
        type="button"
        class="link"
        :aria-label="`Take away the prediction of ${item.person}`"
        @click="history.edit((now) => removePrediction(now, i))"
      >
        Take away
      </button>
    </li>
  </ul>
  <form v-if="!sealed" @submit.prevent="add">
    <TextField :value="typed.person" placeholder="Who" label="Who predicts" :most="120" @change="typed.person = $event" />
    <TextField :value="typed.expects" placeholder="expects …" label="What they expect" @change="typed.expects = $event" />
    <TextField :value="typed.reason" placeholder="because …" label="Why they expect it" @change="typed.reason = $event" />
    <Button html-type="submit">Add the prediction</Button>
  </form>
</template>

<style scoped>
ul {
  max-width: 760px;
  margin-bottom: 12px;
}
li {
  display: flex;
  gap: 16px;
  justify-content: space-between;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
form {
  display: grid;
  grid-template-columns: 1fr 1.6fr 1.6fr auto;
  gap: 10px;
  max-width: 900px;
}
@media (max-width: 600px) {
  form {
    grid-template-columns: 1fr;
  }
}
</style>
