<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { useTimers } from '../stores/timers';
import { clockOf } from './timerWords';

/** The next moment that somebody waits for, in the rail of every page. */
const timers = useTimers();
const next = computed(() => timers.first);
const more = computed(() => timers.all.length - 1);
</script>

<template>
  <RouterLink
    v-if="next"
    :to="{ name: next.what === 'step' ? 'prepare' : 'log', params: { id: next.id } }"
    :class="{ over: next.left <= 0 }"
    :title="`${next.label}: ${next.title}`"
    :aria-label="`${next.label} ${next.left > 0 ? 'ends in' : 'is over since'} ${clockOf(next.left)}${more > 0 ? `, and ${more} more` : ''}`"
    class="timer"
    ><span aria-hidden="true"
      >{{ next.left > 0 ? '' : '+' }}{{ clockOf(next.left) }}<template v-if="more > 0"> ·{{ more + 1 }}</template></span
    ></RouterLink
  >
</template>

<style scoped>
.timer {
  padding: 2px 9px;
  border: 1.5px solid #8fb3a4;
  border-radius: 6px;
  color: inherit;
  font: 500 14px var(--mono);
  text-decoration: none;
}
.over {
  border-color: var(--pollen);
  background: var(--pollen);
  color: var(--ink);
}
</style>
