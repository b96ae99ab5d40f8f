<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { counted, needs, plural, powerSentence, primaryOf, requirementsOf, sharedWords, type ReadyQuestion } from '@fern/core';
import QuestionBench from './QuestionBench.vue';

/** A ready-made question with what it takes. */
const props = defineProps<{ question: ReadyQuestion; busy: boolean; loading: boolean }>();
defineEmits<{ choose: [] }>();

const takes = computed(() => requirementsOf(props.question));
const wanted = computed(() => takes.value.needs.map((own) => needs.find(({ need }) => need === own)?.words ?? own));
const line = computed(() => {
  const { weeks, minutes, units } = takes.value;
  const primary = primaryOf(props.question.measures)?.name.toLowerCase() ?? '';
  return [
    counted(weeks, 'week'),
    `${minutes} min a walk`,
    `${props.question.arms.length} groups, ${units} ${plural(props.question.unitNoun)}`,
    `decided by ${primary}`,
    `from age ${props.question.agesFrom}`,
    ...(wanted.value.length > 0 ? [`needs ${wanted.value.join(' and ')}`] : []),
  ].join(' · ');
});
</script>

<template>
  <li>
    <QuestionBench :question="question" />
    <div>
      <b>{{ question.title }}</b>
      <span class="soft small">{{ question.about }}</span>
      <span class="soft small">{{ line }}</span>
      <span class="soft small">{{ powerSentence(question) }} {{ sharedWords(question) }}</span>
    </div>
    <Button data-question :loading="loading" :disabled="busy" :aria-label="`Use this question: ${question.title}`" @click="$emit('choose')"
      >Use this question</Button
    >
  </li>
</template>

<style scoped>
li {
  display: flex;
  gap: 20px;
  align-items: center;
  justify-content: space-between;
  padding: 11px 0;
  border-bottom: 1px solid var(--hair);
}
div {
  flex: 1;
}
b,
span {
  display: block;
}
b {
  font: 600 17px var(--head);
}
@media (max-width: 600px) {
  li {
    flex-direction: column;
    align-items: start;
  }
}
</style>
