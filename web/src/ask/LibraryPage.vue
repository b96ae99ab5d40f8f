<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed, ref, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import {
  counted,
  experimentFrom,
  findQuestions,
  questions,
  questionsFor,
  themes,
  type Experiment,
  type Requirement,
  type ReadyQuestion,
  type Theme,
} from '@fern/core';
import Callout from '../components/Callout.vue';
import ProblemNote from '../components/ProblemNote.vue';
import AppHeader from '../layout/AppHeader.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useAttempt } from '../stores/attempt';
import { useExperiments } from '../stores/experiments';
import { today } from '../stores/today';
import ClaimReader from './ClaimReader.vue';
import { newSeed } from '../stores/newSeed';
import QuestionCard from './QuestionCard.vue';
import WhatThereIs from './WhatThereIs.vue';

const router = useRouter();
const store = useExperiments();
const typed = ref('');
const begun = ref('');
const { busy, error, attempt } = useAttempt();
const has = ref<readonly Requirement[]>([]);
const weeks = ref<number | null>(null);
const found = computed(() => questionsFor(findQuestions(questions, typed.value), has.value, weeks.value));
const isNarrowed = computed(() => typed.value.trim() !== '' || has.value.length > 0 || weeks.value !== null);
const shown = computed(() =>
  themes
    .map(({ theme, title }) => ({ theme, title, own: found.value.filter((question) => question.theme === theme) }))
    .filter(({ own }) => own.length > 0),
);
/** Themes that a person opened; what was looked for is open by itself. */
const open = ref<readonly Theme[]>(['frames']);
const isOpen = (theme: Theme) => isNarrowed.value || open.value.includes(theme);
function fold(theme: Theme, event: Event): void {
  if (isNarrowed.value || !(event.target instanceof HTMLDetailsElement)) return;
  open.value = event.target.open ? [...new Set([...open.value, theme])] : open.value.filter((other) => other !== theme);
}
function showAll(): void {
  typed.value = '';
  has.value = [];
  weeks.value = null;
}

/** From the field down through the questions that are shown, and back up to it. */
const page = useTemplateRef<HTMLElement>('page');
function step(event: KeyboardEvent, by: 1 | -1): void {
  const stops = [...(page.value?.querySelectorAll<HTMLElement>('[data-find], details[open] [data-question]') ?? [])];
  const now = stops.findIndex((stop) => stop === event.target);
  if (now < 0) return;
  event.preventDefault();
  stops[Math.min(stops.length - 1, Math.max(0, now + by))]?.focus();
}

// Kept until it is stored: chosen again after a lost reply it is the same draft.
const drafts = new Map<string, Experiment>();
function choose(question: ReadyQuestion): Promise<void> {
  const draft =
    drafts.get(question.id) ?? experimentFrom(question, { created: new Date().toISOString(), startOn: today(), seed: newSeed() });
  drafts.set(question.id, draft);
  return begin(question.id, draft);
}

function begin(id: string, experiment: Experiment): Promise<void> {
  begun.value = id;
  return attempt(async () => {
    const record = await store.create(experiment);
    drafts.delete(id);
    await router.push({ name: 'ask', params: { id: record.id } });
  });
}
</script>

<template>
  <AppHeader />
  <TwoColumns class="library">
    <h1>What do you want to find out?</h1>
    <div ref="page" @keydown.down="step($event, 1)" @keydown.up="step($event, -1)">
      <Input
        v-model:value="typed"
        data-find
        size="large"
        class="find"
        placeholder="Type a plant, a treatment or a worry: “beans”, “salt”, “leggy”"
        aria-label="Find a ready-made question"
        allow-clear
      />
      <WhatThereIs v-model:own="has" v-model:weeks="weeks" />
      <ProblemNote :words="error" />
      <ClaimReader v-if="!isNarrowed" :busy="busy && begun === 'claim'" @test="begin('claim', $event)" />
      <details v-for="{ theme, title, own } in shown" :key="theme" :open="isOpen(theme)" @toggle="fold(theme, $event)">
        <summary>
          <h2>{{ title }}</h2>
          <span class="soft small">{{ counted(own.length, 'question') }}</span>
        </summary>
        <ul class="bare-list">
          <QuestionCard
            v-for="question in own"
            :key="question.id"
            :question="question"
            :busy="busy"
            :loading="busy && begun === question.id"
            @choose="choose(question)"
          />
        </ul>
      </details>
      <p v-if="shown.length === 0" class="none">
        {{
          typed.trim() === ''
            ? 'Nothing ready-made fits what there is.'
            : `Nothing ready-made fits “${typed.trim()}”${has.length > 0 || weeks !== null ? ' and what there is' : ''}. Try one word of it, or take an empty frame.`
        }}
        <button type="button" class="link" @click="showAll">Show all questions</button>
      </p>
    </div>
    <template #sidebar>
      <h2>How to choose</h2>
      <Callout severity="fine">Ask one thing that can be counted, measured or weighed.</Callout>
      <Callout severity="fine">Everything in a ready-made question can be changed afterwards.</Callout>
      <Callout severity="caution">“Does better” is not a measure. Taller? Heavier? Sooner?</Callout>
    </template>
  </TwoColumns>
</template>

<style scoped>
.library {
  padding-top: 26px;
}
.find {
  max-width: 640px;
  margin: 16px 0 4px;
}
summary {
  display: flex;
  gap: 12px;
  align-items: baseline;
  margin: 20px 0 0;
  cursor: pointer;
}
summary::before {
  content: '▸';
  color: var(--sprout);
}
details[open] > summary::before {
  content: '▾';
}
summary h2 {
  margin: 0;
}
.none {
  margin-top: 24px;
}
</style>
