<script setup lang="ts">
import { shortDate } from '@fern/core';
import MarginNote from '../kit/MarginNote.vue';
import { saveText } from '../kit/saveText';
import { useOutbox } from '../stores/outbox';

/** What became of the readings that were typed here: which wait, which are kept nowhere else, which the server did not take and why. */
defineProps<{ quiet?: boolean }>();
const outbox = useOutbox();
const readings = (n: number) => `${n} ${n === 1 ? 'reading' : 'readings'}`;
const save = () =>
  saveText(
    JSON.stringify(
      outbox.aside.map(({ experiment, observation, refused }) => ({ experiment, ...observation, refused })),
      null,
      2,
    ),
    'readings-not-taken.json',
    'application/json',
  );
</script>

<template>
  <MarginNote v-if="outbox.unkept > 0" severity="serious"
    >This browser has no room left: {{ readings(outbox.unkept) }} {{ outbox.unkept === 1 ? 'is' : 'are' }} on this page alone. Keep it open
    until the network is back.</MarginNote
  >
  <MarginNote v-if="outbox.stopped" severity="serious">{{ outbox.stopped }}</MarginNote>
  <MarginNote v-else-if="outbox.count > outbox.unkept" :severity="outbox.offline ? 'caution' : 'fine'"
    >{{ readings(outbox.count) }} kept on this device, to be sent
    {{ outbox.offline ? 'when the network is back' : 'in a moment' }}.</MarginNote
  >
  <MarginNote v-for="item in outbox.aside" :key="item.observation.id" severity="serious"
    ><b>{{ item.observation.unit }}, {{ shortDate(item.observation.observedOn) }}: {{ item.observation.value }} was not taken.</b>
    {{ item.refused }} Read it again on its walk, then
    <button type="button" class="link" @click="outbox.drop(item)">take this away</button>.</MarginNote
  >
  <p v-if="outbox.aside.length > 0"><button type="button" class="link" @click="save">Save what was not taken as a file</button></p>
  <MarginNote v-if="!quiet && outbox.count === 0 && outbox.aside.length === 0 && !outbox.stopped" severity="fine"
    >Every reading so far is saved.</MarginNote
  >
</template>
