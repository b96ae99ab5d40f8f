<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { careToTell, careWords, counted, byCode, liveIncidents, photosOfUnit, SET_UP, setUpOrder, shortDate } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import { useStepClock } from '../stores/stepClock';
import CareDialog from './CareDialog.vue';
import LostDialog from './LostDialog.vue';
import { placeWords } from './placeWords';
import PhotoDialog from './PhotoDialog.vue';
import IncidentDialog from './IncidentDialog.vue';

/** What can be written down of one unit that was picked on the bench, and what was. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit: string }>();
const { id, experiment, study } = useLoaded();
type Panel = 'lost' | 'care' | 'wrong' | 'photo';
const next = ref<Panel | null>(null);
const unit = computed(() => byCode(experiment.value.units, props.unit) ?? null);
const isOpen = (panel: Panel) => computed({ get: () => next.value === panel, set: (is) => (next.value = is ? panel : null) });
const [lost, care, wrong, photo] = [isOpen('lost'), isOpen('care'), isOpen('wrong'), isOpen('photo')];
const photos = computed(() => (unit.value ? photosOfUnit(study.value, unit.value).length : 0));
const told = computed(() => [
  ...liveIncidents(study.value)
    .filter(({ units }) => units.includes(props.unit))
    .map(({ on, note, kind }) => `${shortDate(on)}: ${note || kind}`),
  ...careToTell(study.value)
    .filter(({ units }) => units.includes(props.unit))
    .slice(-3)
    .map((entry) => `${shortDate(entry.on)}: ${careWords(experiment.value, { ...entry, units: [props.unit] })}`),
]);
const clock = useStepClock();
/** Asked while they are put out; once anything was read all of them stand. */
const stands = computed(
  () => study.value.observations.length > 0 || setUpOrder(study.value).some(({ unit: own, isDone }) => own.code === props.unit && isDone),
);
function putOut(): void {
  void clock.done(SET_UP, [], [props.unit]);
  open.value = false;
}
function go(panel: Panel): void {
  open.value = false;
  next.value = panel;
}
</script>

<template>
  <ConfirmDialog v-model:open="open" :title="`What about ${props.unit}?`">
    <p v-if="unit" class="soft">
      {{ placeWords(experiment, unit)
      }}{{ unit.status === 'active' ? '' : `. ${unit.status}${unit.statusReason ? `: ${unit.statusReason}` : ''}` }}
    </p>
    <ul v-if="told.length > 0" class="bare-list small">
      <li v-for="line in told" :key="line">{{ line }}</li>
    </ul>
    <p v-if="photos > 0">
      <RouterLink :to="{ name: 'photos', params: { id }, query: { unit: props.unit } }"
        >See how it grew: {{ counted(photos, 'photo') }}</RouterLink
      >
    </p>
    <template #buttons>
      <Button v-if="!stands" type="primary" size="large" @click="putOut">It stands in its place</Button>
      <Button size="large" @click="go('care')">Water or feed it</Button>
      <Button size="large" @click="go('photo')">Photograph it</Button>
      <Button size="large" @click="go('wrong')">Something went wrong</Button>
      <Button size="large" @click="go('lost')">{{ unit?.status === 'active' ? 'It is lost, or does not count' : 'Its loss' }}</Button>
    </template>
  </ConfirmDialog>
  <LostDialog v-model:open="lost" :unit="props.unit" />
  <CareDialog v-model:open="care" :unit="unit" />
  <PhotoDialog v-model:open="photo" :unit="unit" />
  <IncidentDialog v-model:open="wrong" :unit="unit" picked />
</template>
