<script setup lang="ts">
import { Button, Spin } from 'ant-design-vue';
import { onKeyStroke } from '@vueuse/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { counted, longDate, momentWords, shortDate } from '@fern/core';
import TimerList from '../layout/TimerList.vue';
import AppHeader from '../layout/AppHeader.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useExperiments, type DueTask } from '../stores/experiments';
import { useTimers } from '../stores/timers';
import { today } from '../stores/today';
import ExperimentList from './ExperimentList.vue';
import TaskList from './TaskList.vue';
import { taskWords } from './taskWords';

const store = useExperiments();
const router = useRouter();
const timers = useTimers();
void store.load();

const now = today();
const next = computed(() => store.due[0]);
const minutes = computed(() => store.due.reduce((sum, task) => sum + task.minutes, 0));
const summary = computed(() => {
  const n = store.due.length;
  if (n === 0)
    return store.list.length === 0 ? '' : timers.all.length > 0 ? 'Nothing is due but what is running.' : 'Nothing is due today.';
  const rounds = store.due.every(({ step }) => step === null);
  const count = rounds ? (n === 1 ? 'One walk' : `${n} walks`) : n === 1 ? 'One task' : `${n} tasks`;
  return `${count}, about ${counted(minutes.value, 'minute')}.`;
});
const dayWords = ({ day, at }: DueTask) =>
  `${Number.isInteger(day) ? (day < 0 ? 'before the start' : `day ${day}`) : `at ${momentWords(day)}`}${at === '' ? '' : `, ${at}`}`;
const dueWhen = (task: DueTask) => `${dayWords(task)} · ${task.minutes} min`;
const missedWhen = (task: DueTask) => `was due ${shortDate(task.on)} · ${dayWords(task)}`;

function start({ id, day, step }: DueTask): void {
  if (step === null) void router.push({ name: 'walk', params: { id, day } });
  else void router.push({ name: 'prepare', params: { id }, query: { step } });
}
onKeyStroke('Enter', (event) => {
  const isFree = (event.target as Element).closest('a, button, input, select, textarea, summary, .ant-modal-root') === null;
  if (isFree && next.value) start(next.value);
});
</script>

<template>
  <AppHeader />
  <TwoColumns class="today">
    <div class="head">
      <div>
        <h1>{{ longDate(now) }}</h1>
        <p class="soft">{{ summary }}</p>
      </div>
      <Button v-if="next" type="primary" size="large" @click="start(next)"
        >{{ next.step === null ? 'Start the walk' : 'Do the first' }} <kbd>Enter</kbd></Button
      >
    </div>
    <p v-if="store.offline" class="offline">No network. This is the list from last time; readings are kept here and sent later.</p>
    <p v-if="store.error" role="alert">{{ store.error }} <Button size="small" @click="store.load()">Try again</Button></p>
    <Spin v-if="!store.loaded" />
    <TaskList v-slot="{ due }" :tasks="store.due" label="Due today" :when="dueWhen">
      <Button @click="start(due)">{{ due.step === null ? 'Start here' : 'Do it' }}</Button>
    </TaskList>
    <template v-if="store.missed.length > 0">
      <h2>Missed</h2>
      <TaskList v-slot="{ due }" :tasks="store.missed" label="Missed" late :when="missedWhen">
        <button type="button" class="link" @click="start(due)">Fill it in</button>
      </TaskList>
    </template>
    <template v-if="store.coming.length > 0">
      <h2>Coming</h2>
      <ul class="coming">
        <li v-for="due in store.coming.slice(0, 6)" :key="`${due.id}-${due.day}-${due.step}`">
          <span class="soft">{{ shortDate(due.on) }}</span><span>{{ taskWords(due) }}</span
          ><span class="soft small">{{ due.title }}</span>
        </li>
      </ul>
    </template>
    <section v-if="store.loaded && store.list.length === 0 && !store.error" class="empty">
      <h2>No experiment yet</h2>
      <p>
        Here will stand what is due each day, in the order of the walk. Begin with a question: “Does soaking seed help?”, “Does salt stop
        it?”
      </p>
      <Button type="primary" size="large" @click="router.push('/ask')">Ask the first question</Button>
    </section>
    <template #sidebar><TimerList class="running" /><ExperimentList /></template>
  </TwoColumns>
</template>

<style scoped>
.today {
  padding-top: 26px;
}
.head p {
  margin: 0;
}
h2 {
  margin: 26px 0 4px;
}
.coming {
  margin: 0;
  padding: 0;
  list-style: none;
}
.coming li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
.coming li > :first-child {
  width: 96px;
}
.offline {
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--pollen-wash);
}
.empty {
  max-width: 560px;
  padding: 30px 0;
}
.empty p {
  margin: 10px 0 18px;
}
@media (max-width: 600px) {
  .head button {
    width: 100%;
    min-height: 52px;
  }
}
</style>
