<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { changePlan, plural } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import MarginNote from '../kit/MarginNote.vue';
import LinesField from '../kit/LinesField.vue';
import TwoColumns from '../kit/TwoColumns.vue';
import { useLoaded } from '../frame/loaded';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';

const { id, experiment } = useLoaded();
const document = useDocument();
const history = useHistory();
const router = useRouter();
const seeds = computed(() => experiment.value.units.reduce((sum, unit) => sum + (unit.sown ?? 0), 0));
const set = (field: 'materials' | 'steps' | 'cautions') => (lines: string[]) => history.edit((now) => changePlan(now, { [field]: lines }));
</script>

<template>
  <TwoColumns>
    <div class="head">
      <h1>Put out {{ experiment.units.length }} {{ plural(experiment.plan.unitWord) }} as drawn</h1>
      <Button type="primary" size="large" @click="router.push({ name: document.started ? 'log' : 'plan', params: { id } })">{{
        document.started ? 'Go to the log' : 'Back to the plan to start'
      }}</Button>
    </div>
    <BenchView v-bind="benchOf(experiment)" />
    <div class="lists">
      <section>
        <h2>Kit</h2>
        <p class="soft small">
          {{ experiment.units.length }} labelled {{ plural(experiment.plan.unitWord)
          }}<template v-if="seeds > 0">, {{ seeds }} {{ experiment.plan.putIn }} in all</template>. One item a line.
        </p>
        <LinesField :value="experiment.plan.materials" label="Kit, one item a line" @change="set('materials')($event)" />
      </section>
      <section>
        <h2>Steps</h2>
        <p class="soft small">What is done, in order. One step a line; the report shows them.</p>
        <LinesField :value="experiment.plan.steps" label="Steps, one a line" @change="set('steps')($event)" />
      </section>
    </div>
    <template #margin>
      <h2>Take care</h2>
      <MarginNote v-for="caution in experiment.plan.cautions.filter((line) => line.trim() !== '')" :key="caution" severity="caution">{{
        caution
      }}</MarginNote>
      <MarginNote severity="caution"
        >School safety rules, local codes and product labels come first. Ask the responsible adult or a licensed professional.</MarginNote
      >
      <template v-if="experiment.plan.troubles.length > 0">
        <h2 class="later">What often goes wrong</h2>
        <MarginNote v-for="trouble in experiment.plan.troubles" :key="trouble" severity="note">{{ trouble }}</MarginNote>
      </template>
      <h2 class="later">Cautions in the report</h2>
      <LinesField :value="experiment.plan.cautions" label="Cautions, one a line" @change="set('cautions')($event)" />
    </template>
  </TwoColumns>
</template>

<style scoped>
.lists {
  display: grid;
  grid-template-columns: 1fr 1.4fr;
  gap: 28px;
  margin-top: 22px;
}
@media (max-width: 900px) {
  .lists {
    grid-template-columns: 1fr;
  }
}
</style>
