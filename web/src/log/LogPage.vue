<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { indexObservations, plural, shortDate, unitData, walkOrder, walks, type Experiment, type Study } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import ChoiceField from '../frame/ChoiceField.vue';
import MarginNote from '../frame/MarginNote.vue';
import TwoColumns from '../frame/TwoColumns.vue';
import { readSoFar } from '../frame/readSoFar';
import { useExperiment } from '../stores/experiment';
import { today } from '../stores/today';
import LostDialog from './LostDialog.vue';

const store = useExperiment();
const router = useRouter();
const study = computed(() => store.study as Study);
const experiment = computed(() => store.experiment as Experiment);
const rounds = computed(() => walks(experiment.value, readSoFar(study.value.observations), today()));
const next = computed(() => rounds.value.find(({ state }) => state === 'due') ?? rounds.value.findLast(({ state }) => state === 'missed'));
const words = { done: 'done', due: 'due today', missed: 'missed', coming: 'coming' } as const;

const shown = ref(experiment.value.measures.find((measure) => measure.primary)?.measure ?? experiment.value.measures[0]?.measure);
const measure = computed(() => experiment.value.measures.find((m) => m.measure === shown.value));
const table = computed(() => {
  if (!measure.value) return null;
  const data = unitData(study.value, measure.value, indexObservations(study.value.observations));
  const days = [...new Set(data.flatMap(({ curve }) => curve.map((point) => point.day)))].sort((a, b) => a - b);
  const byUnit = new Map(data.map(({ unit, curve }) => [unit.unit, new Map(curve.map((point) => [point.day, point.value]))]));
  return {
    days,
    rows: walkOrder(experiment.value.units).map((unit) => ({ unit, cells: days.map((day) => byUnit.get(unit.unit)?.get(day)) })),
  };
});
const corrections = computed(() => study.value.observations.filter((seen) => seen.replaces !== null).length);
const picked = ref<string | null>(null);
const lostOpen = ref(false);
const goWalk = (day: number) => void router.push({ name: 'walk', params: { id: store.id, day } });
function pick(unit: string): void {
  picked.value = unit;
  lostOpen.value = true;
}
</script>

<template>
  <TwoColumns>
    <template v-if="!store.started">
      <h1>The log begins with the start</h1>
      <p>Here will stand every walk along the bench, and what was read on it. Start the experiment on the plan’s page first.</p>
      <Button type="primary" size="large" @click="router.push({ name: 'plan', params: { id: store.id } })">Go to the plan</Button>
    </template>
    <template v-else>
      <div class="head">
        <h1>
          {{
            next
              ? next.state === 'due'
                ? `${next.left} ${plural(experiment.plan.unitWord)} wait to be read today`
                : `The walk of ${shortDate(next.on)} was missed`
              : 'Nothing is due'
          }}
        </h1>
        <Button v-if="next" type="primary" size="large" @click="goWalk(next.day)">{{
          next.state === 'due' ? 'Start the walk' : 'Do it now'
        }}</Button>
      </div>
      <ol class="walks" aria-label="Walks">
        <li v-for="walk in rounds" :key="walk.day" :class="walk.state">
          <span>day {{ walk.day }}</span
          ><span class="soft small">{{ shortDate(walk.on) }}</span>
          <b
            >{{ words[walk.state] }}<template v-if="walk.state === 'missed' && walk.left < walk.units"> in {{ walk.left }}</template></b
          >
          <button v-if="walk.state !== 'coming'" type="button" class="link" @click="goWalk(walk.day)">
            {{ walk.state === 'done' ? 'Correct' : 'Walk' }}
          </button>
        </li>
      </ol>
      <div class="head table">
        <h2>What was read</h2>
        <ChoiceField
          v-if="experiment.measures.length > 1"
          :value="shown"
          :options="experiment.measures.map((m) => ({ value: m.measure, label: m.name }))"
          label="Which measure is shown"
          @change="shown = $event"
        />
      </div>
      <p v-if="!table || table.days.length === 0" class="soft">
        Nothing yet. After the first walk a row a {{ experiment.plan.unitWord }} stands here.
      </p>
      <div v-else class="scroll" tabindex="0" role="region" aria-label="What was read">
        <table class="plain">
          <caption>
            {{
              measure?.name
            }}<template v-if="measure?.unit">, {{ measure.unit }}</template
            >, by day after the start.
            {{
              corrections > 0 ? `${corrections} corrected; the old values are kept.` : ''
            }}
          </caption>
          <thead>
            <tr>
              <th>{{ experiment.plan.unitWord }}</th>
              <th v-if="!experiment.blinded">arm</th>
              <th v-for="day in table.days" :key="day" class="n">{{ day }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ unit, cells } in table.rows" :key="unit.unit">
              <td class="mono">
                {{ unit.unit }}<span v-if="unit.status !== 'active'" class="soft small"> {{ unit.status }}</span>
              </td>
              <td v-if="!experiment.blinded">{{ unit.arm }}</td>
              <td v-for="(cell, i) in cells" :key="i" class="n mono">{{ cell ?? '–' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
    <template #margin>
      <h2>The bench</h2>
      <BenchView
        :units="experiment.units"
        :arms="experiment.arms"
        :shelves="experiment.plan.bench"
        :unit-word="experiment.plan.unitWord"
        :blind="experiment.blinded"
        :pickable="store.started"
        :barriers="experiment.plan.barriers"
        @pick="pick"
      />
      <p v-if="store.started" class="soft small">Choose a {{ experiment.plan.unitWord }} to mark it as lost or excluded.</p>
      <h2 class="later">What went wrong</h2>
      <MarginNote v-for="event in study.happenings" :key="event.id" severity="caution"
        ><b>{{ shortDate(event.on) }}</b> {{ event.note || event.kind
        }}<template v-if="event.arms.length + event.units.length > 0">
          ({{ [...event.arms, ...event.units].join(', ') }})</template
        ></MarginNote
      >
      <MarginNote v-if="study.happenings.length === 0" severity="fine">Nothing so far.</MarginNote>
    </template>
  </TwoColumns>
  <LostDialog v-if="picked" v-model:open="lostOpen" :unit="picked" />
</template>

<style scoped>
.head {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 12px;
}
.table {
  margin-top: 26px;
}
.walks {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.walks li {
  display: grid;
  min-width: 92px;
  padding: 6px 0;
  border-top: 4px solid var(--line);
  align-content: start;
}
.walks .done {
  border-color: var(--sprout);
}
.walks .due {
  border-color: var(--pollen);
}
.walks .missed {
  border-color: var(--rust);
}
.walks .link {
  justify-self: start;
}
.later {
  margin-top: 22px;
}
</style>
