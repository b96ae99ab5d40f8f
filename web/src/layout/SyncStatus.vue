<script setup lang="ts">
import { counted } from '@fern/core';
import Callout from '../components/Callout.vue';
import { saveText } from '../components/saveText';
import { useOutbox } from '../stores/outbox';
import { syncStatusWords } from './syncStatusWords';

/** What became of what was typed here: which wait, which are kept nowhere else, which the server did not take and why. */
defineProps<{ quiet?: boolean }>();
const outbox = useOutbox();
const entries = (n: number) => `${counted(n, 'entry')}`;
const save = () => saveText(JSON.stringify(outbox.aside, null, 2), 'entries-not-taken.json', 'application/json');
</script>

<template>
  <Callout v-if="outbox.unkept > 0" severity="serious"
    >This browser keeps nothing more: {{ entries(outbox.unkept) }} {{ outbox.unkept === 1 ? 'is' : 'are' }} on this page alone. Keep it open
    until the network is back.</Callout
  >
  <Callout v-if="outbox.stopped" severity="serious">{{ outbox.stopped }}</Callout>
  <Callout v-else-if="outbox.count > outbox.unkept" :severity="outbox.offline ? 'caution' : 'fine'"
    >{{ entries(outbox.count - outbox.unkept) }} kept on this device, to be sent
    {{ outbox.offline ? 'when the network is back' : 'in a moment' }}.</Callout
  >
  <Callout v-for="item in outbox.aside" :key="item.id" severity="serious"
    ><b>{{ syncStatusWords(item) }} was not taken.</b> {{ item.refused }}
    {{ item.kind === 'reading' ? 'Read it again on its walk, then' : '' }}
    <button type="button" class="link" @click="outbox.drop([item])">Take this away</button></Callout
  >
  <p v-if="outbox.aside.length > 0"><button type="button" class="link" @click="save">Save what was not taken as a file</button></p>
  <Callout v-if="!quiet && outbox.looked && outbox.count === 0 && outbox.aside.length === 0 && !outbox.stopped" severity="fine"
    >Everything so far is saved.</Callout
  >
</template>
