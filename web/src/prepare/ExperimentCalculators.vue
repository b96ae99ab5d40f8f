<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import {
  addKept,
  addToKit,
  calculatorOf,
  calculators,
  changeKept,
  filledFromPlan,
  type Filled,
  type Line,
  type Told,
  itemAt,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import TwoColumns from '../components/TwoColumns.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';
import CalculatorCard from './CalculatorCard.vue';
import CalculatorList from './CalculatorList.vue';
import PrepareTabs from './PrepareTabs.vue';
import ReadingPart from './ReadingPart.vue';

/** The calculators beside an experiment: filled from its plan, and what comes out goes into it with one press. */
const { id, experiment } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const route = useRoute();
const router = useRouter();
const calculator = computed(() => calculatorOf(String(route.params.calculator ?? '')) ?? itemAt(calculators, 0));
const told = ref<string | null>(null);
// As the plan was when the calculator was opened: what is typed here is not overwritten by what goes into the plan.
const start = shallowRef<Filled>({});
watch(
  () => calculator.value.id,
  (own) => {
    start.value = filledFromPlan(own, experiment.value);
    told.value = null;
  },
  { immediate: true },
);
const isWide = (sentence: string) => sentence.slice(0, 280);
function intoKit(sentence: string): void {
  history.edit((now) => addToKit(now, isWide(`${calculator.value.title}: ${sentence}`)));
  told.value = 'It stands in the kit.';
}
function intoKept(sentence: string): void {
  history.edit((now) => {
    const more = addKept(now);
    return changeKept(more, more.plan.kept.length - 1, { what: calculator.value.title, how: isWide(sentence) });
  });
  told.value = 'It stands among what is kept the same, in Plan.';
}
/** The first amount that is poured goes to the log as water or feed. */
const poured = (lines: readonly (Line | Told)[]) => lines.find((own): own is Line => 'measured' in own && own.unit === 'mL');
const intoCare = ({ value, unit }: Line) =>
  void router.push({ name: 'log', params: { id: id.value }, query: { write: 'care', amount: String(Number(value.toPrecision(4))), unit } });
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <h1>{{ calculator.title }}</h1>
    <CalculatorCard :key="calculator.id" v-slot="{ sentence, lines }" :calculator="calculator" :start="start">
      <p class="buttons">
        <Button @click="intoKit(sentence)">Put it into the kit</Button>
        <Button v-if="!history.frozen" @click="intoKept(sentence)">Keep it the same for all</Button>
        <Button v-if="documentStore.started && poured(lines)" @click="poured(lines) && intoCare(poured(lines)!)"
          >Write it down as given</Button
        >
      </p>
      <ReadingPart v-if="documentStore.started" :lines="lines" />
      <p v-if="told" role="status" class="small">{{ told }}</p>
    </CalculatorCard>
    <template #sidebar
      ><CalculatorList :now="calculator.id" :to="(own) => ({ name: 'reckon', params: { id, calculator: own } })"
    /></template>
  </TwoColumns>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 14px 0 6px;
}
@media (max-width: 900px) {
  .buttons button {
    min-height: 44px;
  }
}
</style>
