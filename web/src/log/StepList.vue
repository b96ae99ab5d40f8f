<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { momentWords, plural, shortDate, stepsOnDays } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { today } from '../stores/today';
import CareDialog from './CareDialog.vue';

/** Steps of the plan that have a day: what was done, to how many, and a way to say that it was. */
const { experiment, study } = useLoaded();
const route = useRoute();
const steps = computed(() => stepsOnDays(experiment.value, study.value.care, today()));
const open = ref(false);
const step = ref<string | null>(null);
const stateWords = { done: 'done', due: 'due today', missed: 'late', coming: 'coming' } as const;
/** Of those to which it was done already nothing more is said. */
const left = shallowRef<readonly string[]>([]);
function write(name: string): void {
  step.value = name;
  const next = steps.value.find((own) => own.name === name && own.state !== 'done');
  left.value = next && next.left.length < next.units ? next.left : [];
  open.value = true;
}
watch(
  () => route.query.step,
  (asked) => typeof asked === 'string' && steps.value.some(({ name }) => name === asked) && write(asked),
  { immediate: true },
);
</script>

<template>
  <template v-if="steps.length > 0">
    <h2 class="later">Steps</h2>
    <ul class="bare-list" aria-label="Steps with days">
      <li v-for="own in steps" :key="`${own.name}-${own.day}-${own.at}-${own.arms.join()}`" :class="own.state">
        <span class="soft small"
          >{{ own.day < 0 ? 'before the start' : `day ${momentWords(own.day)}` }}, {{ shortDate(own.on)
          }}<template v-if="own.at">, {{ own.at }}</template></span
        >
        <b>{{ own.name }}</b>
        <span>{{ stateWords[own.state] }}</span>
        <span v-if="own.left.length > 0 && own.left.length < own.units" class="soft small"
          >{{ own.left.length }} of {{ own.units }} {{ plural(experiment.plan.unitNoun) }} left</span
        >
        <Button v-if="own.state !== 'done'" size="small" @click="write(own.name)">It was done</Button>
      </li>
    </ul>
    <CareDialog v-model:open="open" :step="step" :left="left" />
  </template>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
.missed > :nth-child(3) {
  color: var(--rust);
}
</style>
