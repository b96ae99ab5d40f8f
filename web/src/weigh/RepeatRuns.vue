<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue';
import {
  compareRepeatRuns,
  latestAnywhere,
  readPackage,
  unpackColumns,
  unzipPackage,
  type Observation,
  type RepeatRun,
  type Shown,
} from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import ChoiceField from '../components/ChoiceField.vue';
import DataTable from '../components/DataTable.vue';
import FileField from '../components/FileField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useExperiments } from '../stores/experiments';
import { useSession } from '../stores/session';
import { fetchStudy } from '../stores/studies';
import { wordsFor } from '../stores/api';

/** This run beside last year's or another of the same question: from one's own experiments, or from a package. */
const props = defineProps<{ shown: Shown; id: string }>();
const experiments = useExperiments();
const session = useSession();
const others = shallowRef<readonly RepeatRun[]>([]);
const problem = ref<string | null>(null);
onMounted(() => {
  if (!experiments.loaded) void experiments.load();
});
const choices = computed(() => [
  { value: '', label: 'choose an experiment …' },
  ...experiments.list.filter(({ id }) => id !== props.id).map(({ id, title }) => ({ value: id, label: title })),
]);
const first = computed<RepeatRun>(() => ({ name: 'This one', study: props.shown.study }));
const found = computed(() => (others.value.length === 0 ? null : compareRepeatRuns(first.value, props.shown.result, others.value)));
const put = (run: RepeatRun) => (others.value = [...others.value.filter(({ name }) => name !== run.name), run]);

async function choose(id: string): Promise<void> {
  problem.value = null;
  if (id === '') return;
  try {
    const { version: _version, observations, ...study } = await fetchStudy(session.account?.id ?? '', id);
    put({ name: study.experiment.title, study: { ...study, observations: unpackColumns<Observation>(observations) } });
  } catch (failure) {
    problem.value = wordsFor(failure);
  }
}

async function open(file: File): Promise<void> {
  problem.value = null;
  const unzipped = unzipPackage(new Uint8Array(await file.arrayBuffer()), file.name);
  const read = 'problems' in unzipped ? unzipped : readPackage(unzipped.files, latestAnywhere(new Date()));
  if ('study' in read) put({ name: read.study.experiment.title, study: read.study });
  else problem.value = `${file.name}: ${read.problems[0]?.message ?? 'cannot be read'}`;
}
</script>

<template>
  <p>Set this run beside last year’s, or another of the same question. They are put together only where design and measure match.</p>
  <p class="from">
    <ChoiceField value="" :options="choices" label="Another experiment of yours" @change="choose" />
    <FileField label="Open a package" accept=".zip" look="link" @choose="open" />
  </p>
  <ProblemNote :words="problem" />
  <template v-if="found">
    <p v-if="found.together">
      <b>{{ found.together }}</b>
    </p>
    <p v-if="found.why" role="status">{{ found.why }}</p>
    <DataTable caption="The runs" hide-caption v-bind="found.table" />
    <ChartFigure :picture="found.picture" />
  </template>
  <p v-else-if="others.length > 0">There is nothing to compare in this one yet.</p>
</template>

<style scoped>
.from {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
</style>
