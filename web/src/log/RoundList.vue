<script setup lang="ts">
import { shortDate, type Round } from '@fern/core';

/** Every walk of the experiment on a line, with its state. */
defineProps<{ rounds: readonly Round[] }>();
const emit = defineEmits<{ record: [day: number] }>();
const words = { done: 'done', due: 'due today', missed: 'missed', coming: 'coming' } as const;
</script>

<template>
  <ol class="walks" aria-label="Walks">
    <li v-for="round in rounds" :key="round.day" :class="round.state">
      <span>day {{ round.day }}</span
      ><span class="soft small">{{ shortDate(round.on) }}</span>
      <b
        >{{ words[round.state] }}<template v-if="round.state === 'missed' && round.left < round.units"> in {{ round.left }}</template></b
      >
      <button v-if="round.state !== 'coming'" type="button" class="link" @click="emit('record', round.day)">
        {{ round.state === 'done' ? 'Correct' : 'Walk' }}
      </button>
    </li>
  </ol>
</template>

<style scoped>
.walks {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.walks li {
  display: grid;
  min-width: 92px;
  padding: 6px 0;
  border-top: 4px solid var(--line);
  align-content: start;
}
.walks .done {
  border-color: var(--sprout);
}
.walks .due {
  border-color: var(--pollen);
}
.walks .missed {
  border-color: var(--rust);
}
.walks .link {
  justify-self: start;
}
</style>
