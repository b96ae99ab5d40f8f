<script setup lang="ts">
import { RouterLink } from 'vue-router';
import type { Stop } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../frame/loaded';
import MarginNote from '../kit/MarginNote.vue';
import { useOutbox } from '../stores/outbox';

/** Beside a walk: the bench with where one stands, and what became of the readings. */
defineProps<{ day: string; stop: Stop | null; done: ReadonlySet<string> }>();
const emit = defineEmits<{ pick: [unit: string] }>();
const { id, experiment } = useLoaded();
const outbox = useOutbox();
</script>

<template>
  <div class="shelf">
    <h2>The bench</h2>
    <span class="soft small">day {{ day }}<template v-if="experiment.blinded"> · arms hidden</template></span>
  </div>
  <BenchView
    v-bind="benchOf(experiment)"
    :blind="experiment.blinded"
    :current="stop?.unit.unit"
    :done="done"
    pickable
    @pick="emit('pick', $event)"
  />
  <MarginNote v-if="outbox.refused" severity="serious">{{ outbox.refused }}</MarginNote>
  <MarginNote v-else-if="outbox.count > 0" :severity="outbox.offline ? 'caution' : 'fine'"
    >Saved on this device. {{ outbox.count }} {{ outbox.count === 1 ? 'reading' : 'readings' }} will be sent
    {{ outbox.offline ? 'when the network is back' : 'in a moment' }}.</MarginNote
  >
  <MarginNote v-else severity="fine">Every reading so far is saved.</MarginNote>
  <MarginNote v-if="stop?.reading" severity="note"
    >{{ stop.unit.unit }} has {{ stop.reading.value }} from this walk. A new number corrects it; the old one is kept.</MarginNote
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
