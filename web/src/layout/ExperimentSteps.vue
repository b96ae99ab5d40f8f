<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import {
  counted,
  ownParts,
  plural,
  roundsOfStudy,
  runningSteps,
  shortDate,
  stepsOnDays,
  type Experiment,
  type Round,
  type Writing,
} from '@fern/core';
import { steps, type Step } from '../router';
import { today } from '../stores/today';
import { useLoaded } from './loaded';
import StepNav from './StepNav.vue';

/** The trail of the loaded experiment: each step with a few words on how it stands. */
const { id, experiment, study } = useLoaded();
const route = useRoute();
const now = computed<Step>(() => steps.find((step) => step === (route.meta.step ?? route.name)) ?? 'plan');
const rounds = computed(() => roundsOfStudy(study.value, today()));
const finished = computed(() => rounds.value.filter((round) => round.state === 'done').length);

const states = computed<Record<Step, string>>(() => {
  const { plan, arms, units, writing, startedOn } = experiment.value;
  const written = partsWritten(writing);
  const { predictions, lockedOn, unitNoun } = plan;
  return {
    ask: predictions.length > 0 ? `${counted(predictions.length, 'prediction')}` : 'no predictions yet',
    plan: `${arms.length} groups · ${units.length} ${plural(unitNoun)}${lockedOn ? '' : ' · draft'}`,
    prepare: prepareWords(startedOn, lockedOn),
    log: logWords(rounds.value.find((round) => round.state === 'due')),
    weigh: study.value.observations.length > 0 ? 'see what it says' : 'nothing read yet',
    write: written === 0 ? 'not begun' : `${written} of ${ownParts.length} parts written`,
  };
});

function prepareWords(startedOn: string | null, lockedOn: string | null): string {
  if (lockedOn === null) return 'not started';
  const { care } = study.value;
  const running = runningSteps(experiment.value, care).length;
  if (running > 0) return running === 1 ? 'a step is running' : `${running} steps running`;
  const due = stepsOnDays(experiment.value, care, today()).filter(({ state }) => state === 'due').length;
  if (due > 0) return due === 1 ? '1 step due today' : `${due} steps due today`;
  return `started ${shortDate(startedOn ?? lockedOn)}`;
}

const partsWritten = (writing: Writing) => ownParts.filter(({ part }) => writing[part].trim() !== '').length;

function logWords(due: Round | undefined): string {
  if (due) return `due today: ${due.left}`;
  return rounds.value.length > 0 ? `${finished.value} of ${rounds.value.length} walks` : '';
}

const done = computed<Step[]>(() => doneSteps(experiment.value, rounds.value.length > 0 && finished.value === rounds.value.length));

function doneSteps({ plan, writing }: Experiment, roundReading: boolean): Step[] {
  return [
    'ask',
    ...(plan.lockedOn === null ? [] : (['plan', 'prepare'] as const)),
    ...(roundReading ? (['log', 'weigh'] as const) : []),
    ...(partsWritten(writing) === ownParts.length ? (['write'] as const) : []),
  ];
}
</script>

<template>
  <StepNav :id="id" :now="now" :states="states" :done="done" />
</template>
