<script setup lang="ts">
import { computed } from 'vue';
import { roundOrder, readsBlind, type Unit } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../layout/loaded';

/** Units to be picked: on the bench as it stands, or on a phone, where its places are too small for a thumb, as large keys. */
const props = defineProps<{ units: readonly Unit[]; picked: ReadonlySet<string> }>();
const emit = defineEmits<{ pick: [unit: string] }>();
const { experiment } = useLoaded();
const shown = computed(() => ({ ...benchOf(experiment.value), units: props.units }));
</script>

<template>
  <div class="thumbs" role="group" :aria-label="`Each ${experiment.plan.unitNoun}`">
    <button
      v-for="{ code: unit } in roundOrder(units)"
      :key="unit"
      type="button"
      class="mono"
      :aria-pressed="picked.has(unit)"
      @click="emit('pick', unit)"
    >
      {{ unit }}
    </button>
  </div>
  <div class="drawn">
    <BenchView v-bind="shown" :blind="readsBlind(experiment)" :done="picked" pickable @pick="emit('pick', $event)" />
  </div>
</template>

<style scoped>
.thumbs {
  display: none;
  grid-template-columns: repeat(auto-fill, minmax(56px, 1fr));
  gap: 6px;
  max-height: 300px;
  overflow: auto;
}
.thumbs button {
  min-height: 44px;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper);
  color: var(--ink);
}
.thumbs button[aria-pressed='true'] {
  border-color: var(--sprout);
  background: var(--sprout-wash);
  font-weight: 700;
}
@media (max-width: 600px) {
  .thumbs {
    display: grid;
  }
  .drawn {
    display: none;
  }
}
</style>
