<script setup lang="ts">
import { Button, Spin } from 'ant-design-vue';
import { computed, onBeforeUnmount, watch } from 'vue';
import { RouterLink, RouterView, useRoute } from 'vue-router';
import { plural, shortDate, walks } from '@fern/core';
import { steps, type Step } from '../router';
import { useExperiment } from '../stores/experiment';
import { today } from '../stores/today';
import SavingState from './SavingState.vue';
import TopRail from './TopRail.vue';
import TrailLine from './TrailLine.vue';
import { readSoFar } from './readSoFar';

const props = defineProps<{ id: string }>();
const store = useExperiment();
const route = useRoute();
const now = computed<Step>(() => steps.find((step) => step === route.name) ?? 'plan');
watch(
  () => props.id,
  (id) => void store.open(id),
  { immediate: true },
);
onBeforeUnmount(() => void store.flush());

const rounds = computed(() => (store.study ? walks(store.study.experiment, readSoFar(store.study.observations), today()) : []));
const finished = computed(() => rounds.value.filter((walk) => walk.state === 'done').length);

const states = computed<Record<Step, string>>(() => {
  const experiment = store.experiment;
  if (!experiment) return { ask: '', plan: '', prepare: '', log: '', weigh: '', write: '' };
  const due = rounds.value.find((walk) => walk.state === 'due');
  const written = Object.values(experiment.writing).filter((text) => text.trim() !== '').length;
  const { predictions, frozenOn, unitWord } = experiment.plan;
  return {
    ask: predictions.length > 0 ? `${predictions.length} ${predictions.length === 1 ? 'prediction' : 'predictions'}` : 'no predictions yet',
    plan: `${experiment.arms.length} arms · ${experiment.units.length} ${plural(unitWord)}${frozenOn ? '' : ' · draft'}`,
    prepare: frozenOn ? `started ${shortDate(experiment.startedOn ?? frozenOn)}` : 'not started',
    log: due ? `due today: ${due.left}` : rounds.value.length > 0 ? `${finished.value} of ${rounds.value.length} walks` : '',
    weigh: store.study && store.study.observations.length > 0 ? 'see what it says' : 'nothing read yet',
    write: written === 0 ? 'not begun' : `${written} of 4 parts written`,
  };
});
const done = computed<Step[]>(() => {
  const experiment = store.experiment;
  if (!experiment) return [];
  const frozen = experiment.plan.frozenOn !== null;
  const list: Step[] = ['ask'];
  if (frozen) list.push('plan', 'prepare');
  if (rounds.value.length > 0 && finished.value === rounds.value.length) list.push('log', 'weigh');
  if (Object.values(experiment.writing).every((text) => text.trim() !== '')) list.push('write');
  return list;
});
</script>

<template>
  <TopRail :title="store.experiment?.title" />
  <div v-if="store.error" class="message" role="alert">
    <h1>This experiment cannot be opened</h1>
    <p>{{ store.error }}</p>
    <p><Button type="primary" @click="store.reload()">Try again</Button>&ensp;<RouterLink to="/">Go to Today</RouterLink></p>
  </div>
  <div v-else-if="!store.experiment" class="message"><Spin /> Opening the experiment …</div>
  <template v-else>
    <TrailLine :id="id" :now="now" :states="states" :done="done" />
    <RouterView />
    <SavingState />
  </template>
</template>

<style scoped>
.message {
  padding: 40px 24px;
}
</style>
