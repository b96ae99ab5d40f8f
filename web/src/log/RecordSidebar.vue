<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { readName, shortDate, readsBlind, type Observation, type RoundItem } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../layout/loaded';
import SyncStatus from '../layout/SyncStatus.vue';
import Callout from '../components/Callout.vue';
import { readingWords } from './readingWords';

/** Beside a walk: the bench with where one stands, and what became of the readings. */
defineProps<{ head: string; item: RoundItem | null; saw: Observation | null; done: ReadonlySet<string>; shuffled: boolean }>();
const emit = defineEmits<{ pick: [unit: string]; order: [] }>();
const { id, experiment } = useLoaded();
</script>

<template>
  <div class="shelf">
    <h2>The bench</h2>
    <span class="soft small">{{ head }}<template v-if="readsBlind(experiment)"> · groups hidden</template></span>
  </div>
  <BenchView
    v-bind="benchOf(experiment)"
    :blind="readsBlind(experiment)"
    :current="item?.unit.code"
    :done="done"
    pickable
    @pick="emit('pick', $event)"
  />
  <p class="small">
    {{ shuffled ? 'In a random order, so that a tired eye does not favour one end.' : 'In the order of the bench.' }}
    <button type="button" class="link" @click="emit('order')">{{ shuffled ? 'Go along the bench' : 'Go in a random order' }}</button>
  </p>
  <SyncStatus />
  <Callout v-if="item && saw" severity="note"
    >{{ readName(item.unit, item.measure) }} has {{ readingWords(saw, item.measure) }} from {{ shortDate(saw.observedOn) }}. A new number
    corrects it and stands on the same day; the old one is kept.</Callout
  >
  <p class="leave"><RouterLink :to="{ name: 'log', params: { id } }">Leave the walk; it goes on from here</RouterLink></p>
</template>

<style scoped>
.shelf {
  display: flex;
  gap: 12px;
  align-items: baseline;
  margin-bottom: 10px;
}
.leave {
  margin-top: 14px;
}
</style>
