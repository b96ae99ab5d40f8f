<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { experimentFrom, findQuestions, plural, questions, themes, type Experiment, type ReadyQuestion } from '@fern/core';
import MarginNote from '../kit/MarginNote.vue';
import ProblemNote from '../kit/ProblemNote.vue';
import TopRail from '../frame/TopRail.vue';
import TwoColumns from '../kit/TwoColumns.vue';
import { useAttempt } from '../stores/attempt';
import { useExperiments } from '../stores/experiments';
import { today } from '../stores/today';
import ClaimReader from './ClaimReader.vue';
import { newSeed } from '../stores/newSeed';

const router = useRouter();
const store = useExperiments();
const typed = ref('');
const begun = ref('');
const { busy, error, attempt } = useAttempt();
const found = computed(() => findQuestions(questions, typed.value));
const shown = computed(() =>
  themes
    .map(({ theme, title }) => ({ title, own: found.value.filter((question) => question.theme === theme) }))
    .filter(({ own }) => own.length > 0),
);

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
const primary = (question: ReadyQuestion) => question.measures.find((measure) => measure.primary)?.name.toLowerCase() ?? '';
</script>

<template>
  <TopRail />
  <TwoColumns class="library">
    <h1>What do you want to find out?</h1>
    <Input
      v-model:value="typed"
      data-find
      size="large"
      class="find"
      placeholder="Type a plant, a treatment or a worry: “beans”, “salt”, “leggy”"
      aria-label="Find a ready-made question"
      allow-clear
    />
    <ProblemNote :words="error" />
    <ClaimReader v-if="typed === ''" :busy="busy && begun === 'claim'" @test="begin('claim', $event)" />
    <section v-for="{ title, own } in shown" :key="title">
      <h2>{{ title }}</h2>
      <ul class="bare-list">
        <li v-for="question in own" :key="question.id">
          <div>
            <b>{{ question.title }}</b>
            <span class="soft small">{{ question.about }}</span>
            <span class="soft small"
              >{{ question.arms.length }} arms · {{ question.unitsPerArm }} {{ plural(question.unitWord) }} each · decided by
              {{ primary(question) }}</span
            >
          </div>
          <Button
            :loading="busy && begun === question.id"
            :disabled="busy"
            :aria-label="`Use this question: ${question.title}`"
            @click="choose(question)"
            >Use this question</Button
          >
        </li>
      </ul>
    </section>
    <p v-if="shown.length === 0" class="none">
      Nothing ready-made fits “{{ typed }}”. Try one word of it, or take an empty frame.
      <button type="button" class="link" @click="typed = ''">Show all questions</button>
    </p>
    <template #margin>
      <h2>How to choose</h2>
      <MarginNote severity="fine">Ask one thing that can be counted, measured or weighed.</MarginNote>
      <MarginNote severity="fine">Everything in a ready-made question can be changed afterwards.</MarginNote>
      <MarginNote severity="caution">“Does better” is not a measure. Taller? Heavier? Sooner?</MarginNote>
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
section h2 {
  margin: 22px 0 0;
}
li {
  display: flex;
  gap: 20px;
  align-items: center;
  justify-content: space-between;
  padding: 11px 0;
  border-bottom: 1px solid var(--hair);
}
li b,
li span {
  display: block;
}
li b {
  font: 600 17px var(--head);
}
.none {
  margin-top: 24px;
}
@media (max-width: 600px) {
  li {
    flex-direction: column;
    align-items: start;
  }
}
</style>
