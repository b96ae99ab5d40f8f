<script setup lang="ts">
import { Button, Spin } from 'ant-design-vue';
import { onKeyStroke } from '@vueuse/core';
import { computed, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { longDate, plural, shortDate, walkMinutes } from '@fern/core';
import TopRail from '../frame/TopRail.vue';
import TwoColumns from '../frame/TwoColumns.vue';
import MarginNote from '../frame/MarginNote.vue';
import StakeMark from '../stake/StakeMark.vue';
import { wordsFor } from '../stores/api';
import { useExperiments, type DueWalk } from '../stores/experiments';
import { useOutbox } from '../stores/outbox';
import { today } from '../stores/today';

const store = useExperiments();
const outbox = useOutbox();
const router = useRouter();
void store.load();

const now = today();
const minutes = computed(() => store.due.reduce((sum, { walk }) => sum + walkMinutes(walk), 0));
const summary = computed(() => {
  const n = store.due.length;
  if (n === 0) return store.list.length === 0 ? '' : 'Nothing is due. The plants are on their own today.';
  return `${n === 1 ? 'One walk' : `${n} walks`}, about ${minutes.value} ${minutes.value === 1 ? 'minute' : 'minutes'}.`;
});
const stakes = { due: '#FFFFFF', missed: '#F8E6DE' } as const;
const initials = (title: string) =>
  title
    .split(/\s+/)
    .filter((word) => word.length > 3)
    .map((word) => word.charAt(0).toUpperCase())
    .slice(0, 2)
    .join('');
const verb = { count: 'Count', amount: 'Measure', rating: 'Rate', event: 'Look for', harvest: 'Pick and weigh' } as const;

function task({ walk, experiment }: DueWalk): string {
  const [first, ...rest] = walk.measures;
  const more = rest.length > 0 ? ` and ${rest.length} more` : '';
  return `${verb[first.kind]} ${first.name.toLowerCase()}${more} in ${walk.left} ${walk.left === 1 ? experiment.plan.unitWord : plural(experiment.plan.unitWord)}`;
}
function start(due: DueWalk): void {
  void router.push({ name: 'walk', params: { id: due.id, day: due.walk.day } });
}
onKeyStroke('Enter', (event) => {
  if (event.target === document.body && store.due.length > 0) start(store.due[0]);
});

const importing = ref(false);
const importError = ref<string | null>(null);
async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  importing.value = true;
  importError.value = null;
  try {
    const record = await store.importPackage(file);
    await router.push({ name: 'plan', params: { id: record.id } });
  } catch (error) {
    importError.value = wordsFor(error);
  } finally {
    importing.value = false;
    input.value = '';
  }
}
</script>

<template>
  <TopRail />
  <TwoColumns class="today">
    <div class="head">
      <div>
        <h1>{{ longDate(now) }}</h1>
        <p class="soft">{{ summary }}</p>
      </div>
      <Button v-if="store.due.length > 0" type="primary" size="large" @click="start(store.due[0])">Start the walk <kbd>Enter</kbd></Button>
    </div>
    <p v-if="store.offline" class="offline">No network. This is the list from last time; readings are kept here and sent later.</p>
    <p v-if="store.error" role="alert">{{ store.error }} <Button size="small" @click="store.load()">Try again</Button></p>
    <Spin v-if="!store.loaded" />
    <ol class="tasks" aria-label="Due today">
      <li v-for="due in store.due" :key="`${due.id}-${due.walk.day}`">
        <StakeMark
          :text="initials(due.experiment.title)"
          :look="{ fill: stakes.due, stroke: '#14302A', text: '#14302A', dash: [], hollow: true }"
          :size="44"
        />
        <div>
          <b>{{ task(due) }}</b><span class="soft small">{{ due.experiment.title }}</span>
        </div>
        <span class="soft small">day {{ due.walk.day }} · {{ walkMinutes(due.walk) }} min</span>
        <Button @click="start(due)">Start here</Button>
      </li>
    </ol>
    <template v-if="store.missed.length > 0">
      <h2>Missed</h2>
      <ol class="tasks" aria-label="Missed">
        <li v-for="due in store.missed" :key="`${due.id}-${due.walk.day}`">
          <StakeMark
            :text="initials(due.experiment.title)"
            :look="{ fill: stakes.missed, stroke: '#A63D1E', text: '#A63D1E', dash: [], hollow: true }"
            :size="44"
          />
          <div>
            <b>{{ task(due) }}</b><span class="soft small">{{ due.experiment.title }}</span>
          </div>
          <span class="soft small">was due {{ shortDate(due.walk.on) }} · day {{ due.walk.day }}</span>
          <button type="button" class="link" @click="start(due)">Do it now</button>
        </li>
      </ol>
    </template>
    <template v-if="store.coming.length > 0">
      <h2>Coming</h2>
      <ul class="coming">
        <li v-for="due in store.coming.slice(0, 6)" :key="`${due.id}-${due.walk.day}`">
          <span class="soft">{{ shortDate(due.walk.on) }}</span><span>{{ task(due) }}</span
          ><span class="soft small">{{ due.experiment.title }}</span>
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
    <template #margin>
      <h2>Your experiments</h2>
      <ul class="list">
        <li v-for="{ id, experiment } in store.list" :key="id">
          <RouterLink :to="{ name: experiment.plan.frozenOn ? 'log' : 'plan', params: { id } }">{{ experiment.title }}</RouterLink>
          <span class="soft small">{{
            experiment.plan.frozenOn ? `started ${shortDate(experiment.startedOn ?? experiment.plan.frozenOn)}` : 'draft'
          }}</span>
        </li>
      </ul>
      <p><Button @click="router.push('/ask')">Ask a new question</Button></p>
      <label class="link import">
        {{ importing ? 'Reading the package …' : 'Open a data package (.zip)' }}
        <input type="file" accept=".zip" class="visually-hidden" :disabled="importing" @change="take" />
      </label>
      <p v-if="importError" class="wrong" role="alert">{{ importError }}</p>
      <MarginNote v-if="outbox.count > 0" severity="caution"
        >{{ outbox.count }} {{ outbox.count === 1 ? 'reading waits' : 'readings wait' }} here to be sent. Nothing is lost.</MarginNote
      >
      <MarginNote v-if="outbox.refused" severity="serious">{{ outbox.refused }}</MarginNote>
    </template>
  </TwoColumns>
</template>

<style scoped>
.today {
  padding-top: 26px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 6px;
}
.head p {
  margin: 0;
}
h2 {
  margin: 26px 0 4px;
}
aside h2 {
  margin-top: 0;
}
ol,
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
.tasks li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) 170px 120px;
  gap: 14px;
  align-items: center;
  padding: 13px 0;
  border-bottom: 1px solid var(--hair);
}
.tasks b {
  display: block;
  font: 600 17px var(--head);
}
.tasks button {
  justify-self: end;
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
.list li {
  display: flex;
  flex-direction: column;
  padding: 9px 0;
  border-bottom: 1px solid var(--hair);
}
.list + p {
  margin: 16px 0 12px;
}
.import {
  display: block;
  margin-bottom: 14px;
}
.import:focus-within {
  outline: 3px solid var(--pollen);
}
.wrong,
.offline {
  padding: 8px 12px;
  border-radius: 7px;
  background: var(--rust-wash);
}
.offline {
  background: var(--pollen-wash);
}
.empty {
  max-width: 560px;
  padding: 30px 0;
}
.empty p {
  margin: 10px 0 18px;
}
@media (max-width: 700px) {
  .tasks li {
    grid-template-columns: 46px minmax(0, 1fr);
  }
  .tasks li > :nth-child(3) {
    grid-column: 2;
  }
  .tasks button {
    grid-column: 2;
    justify-self: start;
    min-height: 48px;
  }
  .head button {
    width: 100%;
    min-height: 52px;
  }
}
</style>
