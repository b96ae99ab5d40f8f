<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { counted } from '@fern/core';
import { askToNotify, mayAsk } from '../stores/timerNotification';
import { useTimers, type RunningTimer } from '../stores/timers';
import { clockOf } from './timerWords';

/** What is running, right to the second, with what to do when it is over. */
const props = defineProps<{ only?: string }>();
const timers = useTimers();
const shown = computed(() => timers.all.filter(({ id }) => props.only === undefined || id === props.only));
const asks = ref(mayAsk());
const allow = async () => {
  await askToNotify();
  asks.value = mayAsk();
};
const endWords = (ends: string) => new Date(ends).toLocaleString('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
const count = ({ units, unitNoun }: RunningTimer) => counted(units, unitNoun);
</script>

<template>
  <section v-if="shown.length > 0" aria-label="Running now">
    <h2>Running now</h2>
    <ul class="bare-list">
      <li v-for="timer in shown" :key="timer.key" :class="{ over: timer.left <= 0 }">
        <p class="clock" role="timer">
          <b>{{ clockOf(timer.left) }}</b> <span class="soft small">{{ timer.left > 0 ? 'left' : 'over' }}</span>
        </p>
        <p class="small">
          {{ timer.label }}, {{ count(timer) }}. {{ timer.left > 0 ? 'Ends' : 'Ended' }} {{ endWords(timer.ends)
          }}<template v-if="timer.endsTo !== timer.ends">, at the latest {{ endWords(timer.endsTo) }}</template
          >.
          <RouterLink v-if="only === undefined" :to="{ name: timer.what === 'step' ? 'prepare' : 'log', params: { id: timer.id } }">{{
            timer.title
          }}</RouterLink>
        </p>
        <slot :timer="timer" />
      </li>
    </ul>
    <p v-if="asks"><Button size="small" @click="allow">Ring with a notification, too</Button></p>
  </section>
</template>

<style scoped>
.clock {
  margin: 6px 0 0;
}
.clock b {
  font: 500 28px/1.2 var(--mono);
}
.over .clock b {
  color: var(--rust);
}
li {
  padding-bottom: 8px;
  border-bottom: 1px solid var(--hair);
}
</style>
