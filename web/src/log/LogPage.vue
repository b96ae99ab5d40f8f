<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { counted, stepsOnDays, plural, shortDate, roundsOfStudy, readsBlind } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../layout/loaded';
import { useDeferred } from '../components/useDeferred';
import TwoColumns from '../components/TwoColumns.vue';
import { useDocument } from '../stores/document';
import { today } from '../stores/today';
import CarePart from './CarePart.vue';
import ExtraRound from './ExtraRound.vue';
import LostDialog from './LostDialog.vue';
import PhotosPart from './PhotosPart.vue';
import ReadingsTable from './ReadingsTable.vue';
import ReadTwice from './ReadTwice.vue';
import StepList from './StepList.vue';
import UnitDialog from './UnitDialog.vue';
import RoundList from './RoundList.vue';
import IncidentList from './IncidentList.vue';

const { id, experiment, study } = useLoaded();
const documentStore = useDocument();
const router = useRouter();
/** What somebody came from Today to write down. */
const query = useRoute().query;
const asked = query.write;
/** What a calculator worked out, to be written down as given. */
const given = typeof query.amount === 'string' ? { amount: Number(query.amount), unit: String(query.unit ?? 'mL') } : null;
/** The unit whose label was scanned. */
const scanned = typeof query.unit === 'string' && given === null ? query.unit : null;
if (asked !== undefined || scanned !== null) void router.replace({ query: {} });
const rounds = computed(() => roundsOfStudy(study.value, today()));
const next = computed(() => rounds.value.find(({ state }) => state === 'due') ?? rounds.value.findLast(({ state }) => state === 'missed'));
const stepsDue = computed(() => stepsOnDays(experiment.value, study.value.care, today()).filter(({ state }) => state === 'due').length);
const later = useDeferred();
const picked = ref<string | null>(scanned);
const unitOpen = ref(scanned !== null);
const extraOpen = ref(false);
const lostOpen = ref(asked === 'lost');
const goRound = (day: number) => void router.push({ name: 'walk', params: { id: id.value, day } });
function pick(unit: string): void {
  picked.value = unit;
  unitOpen.value = true;
}
</script>

<template>
  <TwoColumns>
    <template v-if="!documentStore.started">
      <h1>The log begins with the start</h1>
      <p>Here will stand every walk along the bench, and what was read on it. Start the experiment on the plan’s page first.</p>
      <Button type="primary" size="large" @click="router.push({ name: 'plan', params: { id } })">Go to the plan</Button>
    </template>
    <template v-else>
      <div class="head">
        <h1>
          {{
            next
              ? next.state === 'due'
                ? `${next.left} ${plural(experiment.plan.unitNoun)} wait to be read today`
                : `The walk of ${shortDate(next.on)} was missed`
              : stepsDue > 0
                ? `${counted(stepsDue, 'step')} due today`
                : 'Nothing is due'
          }}
        </h1>
        <span class="acts">
          <Button v-if="next" type="primary" size="large" @click="goRound(next.day)">{{
            next.state === 'due' ? 'Start the walk' : 'Fill it in'
          }}</Button>
          <Button size="large" @click="extraOpen = true">Extra walk</Button>
        </span>
      </div>
      <ReadTwice />
      <RoundList :rounds="rounds" @record="goRound" />
      <StepList />
      <ReadingsTable v-if="later" />
    </template>
    <template #sidebar>
      <h2>The bench</h2>
      <BenchView v-bind="benchOf(experiment)" :blind="readsBlind(experiment)" :pickable="documentStore.started" @pick="pick" />
      <p v-if="documentStore.started" class="soft small">
        Choose a {{ experiment.plan.unitNoun }} to water or photograph it, to mark it as lost, or to say what went wrong.
      </p>
      <CarePart :asked="asked === 'care'" :given="given" />
      <PhotosPart :asked="asked === 'photo'" />
      <IncidentList :asked="asked === 'wrong'" />
    </template>
  </TwoColumns>
  <ExtraRound v-if="documentStore.started" v-model:open="extraOpen" />
  <LostDialog v-model:open="lostOpen" />
  <UnitDialog v-if="picked" v-model:open="unitOpen" :unit="picked" />
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
