<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import {
  addDays,
  cautionsOf,
  isSealed,
  kindOf,
  kitOf,
  inSystemWords,
  lengthWords,
  longDate,
  momentWords,
  plural,
  recipeOf,
  RULES_FIRST,
  shortDate,
  stepMoments,
  badgeOf,
} from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../layout/loaded';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { armStyle } from '@fern/paper/look';
import { today } from '../stores/today';
import { useUnitSystem } from '../stores/unitSystem';
import PrepareTabs from './PrepareTabs.vue';

/** One or two pages for the wall: what is asked, what goes where, what is done when, and who does it. */
const { experiment } = useLoaded();
const system = useUnitSystem();
/** The steps in order, and among them the day on which all are put out. */
const rows = computed(() => {
  const { arms, startedOn, plan } = experiment.value;
  const when = (on: string, at: string) => `${shortDate(on)}${at === '' ? '' : `, ${at}`}`;
  const steps = stepMoments(experiment.value, [], today()).map((step) => ({
    isBefore: step.isBefore,
    when: when(step.on, step.at),
    what: `${step.name}${step.hours === null ? '' : `, ${lengthWords(step.hours, step.hoursMost)}`}`,
    whom: step.arms.length === arms.length ? 'all' : step.arms.join(' '),
  }));
  const start = startedOn === null ? [] : [{ when: when(startedOn, plan.timing.at), what: 'day 0: all together', whom: 'all' }];
  return [...steps.filter(({ isBefore }) => isBefore), ...start, ...steps.filter(({ isBefore }) => !isBefore)];
});
const word = computed(() => experiment.value.plan.unitNoun);
const hides = computed(() => isSealed(experiment.value));
const countOf = (arm: string) => experiment.value.units.filter((unit) => unit.arm === arm).length;
const readings = computed(() =>
  experiment.value.measures
    .filter((measure) => kindOf(measure).entry !== 'none' && measure.readingDays.length > 0)
    .map(({ name, unit, readingDays, rubric, primary }) => ({
      name: `${name}${unit === '' ? '' : ` in ${unit}`}${primary ? ' (decides)' : ''}`,
      days: readingDays.map(dayWords).join(', '),
      steps: rubric.map(({ value, words }) => `${value} ${words}`).join('; '),
    })),
);
function dayWords(day: number): string {
  const { startedOn } = experiment.value;
  return startedOn === null || !Number.isInteger(day) ? momentWords(day) : `${shortDate(addDays(startedOn, day))} (day ${day})`;
}
const amounts = computed(() =>
  kitOf(experiment.value).filter(({ amount, group }) => amount !== null && group !== 'own' && group !== 'labels'),
);
const jobs = computed(() => [
  'labels and the bench',
  ...(experiment.value.plan.stages.length > 0 ? ['the steps'] : []),
  'water and light',
  ...readings.value.map(({ name }) => `reads: ${name}`),
]);
const print = () => window.print();
</script>

<template>
  <main id="content" class="wall">
    <PrepareTabs />
    <div class="head no-print">
      <p class="soft">As it is printed: one or two pages for the wall.</p>
      <Button type="primary" size="large" @click="print">Print the wall page</Button>
    </div>
    <article>
      <h1>{{ experiment.title }}</h1>
      <p class="question">{{ experiment.question }}</p>
      <p v-if="experiment.hypothesis"><b>We expect:</b> {{ experiment.hypothesis }}</p>
      <div class="halves">
        <section>
          <h2>{{ experiment.arms.length }} groups, {{ experiment.units.length }} {{ plural(word) }}</h2>
          <div v-for="{ code: arm, name } in experiment.arms" :key="arm" class="arm">
            <GroupBadge :text="badgeOf(experiment.arms, arm)" :look="armStyle(experiment.arms, arm)" :size="34" />
            <div>
              <b>{{ name }}</b> <span class="soft">{{ countOf(arm) }} {{ plural(word) }}</span>
              <p class="small">{{ recipeOf(experiment, arm, system).join('; ') || 'as it is' }}</p>
            </div>
          </div>
        </section>
        <section>
          <h2>Where they stand</h2>
          <BenchView v-bind="benchOf(experiment)" :blind="hides || experiment.blinded" />
        </section>
      </div>
      <div class="halves">
        <section>
          <h2>What is done when</h2>
          <table class="plain">
            <tbody>
              <tr v-for="row in rows" :key="row.when + row.what + row.whom">
                <td class="mono">{{ row.when }}</td>
                <td>{{ row.what }}</td>
                <td>{{ row.whom }}</td>
              </tr>
            </tbody>
          </table>
          <ol v-if="experiment.plan.steps.length > 0" class="small">
            <li v-for="line in experiment.plan.steps" :key="line">{{ line }}</li>
          </ol>
          <h2>What is read</h2>
          <dl>
            <template v-for="own in readings" :key="own.name">
              <dt>{{ own.name }}</dt>
              <dd>
                {{ own.days }}<template v-if="own.steps">. {{ own.steps }}</template>
              </dd>
            </template>
          </dl>
          <p v-if="experiment.plan.endRule" class="small">It ends: {{ experiment.plan.endRule }}.</p>
        </section>
        <section>
          <h2>Amounts</h2>
          <table class="plain">
            <tbody>
              <tr v-for="line in amounts" :key="line.id">
                <td>{{ line.what }}</td>
                <td class="n mono">{{ inSystemWords(line.amount ?? 0, line.unit, system) }}</td>
              </tr>
            </tbody>
          </table>
          <h2>Who does what</h2>
          <table class="plain who">
            <tbody>
              <tr v-for="job in jobs" :key="job">
                <td>{{ job }}</td>
                <td class="blank" />
              </tr>
            </tbody>
          </table>
        </section>
      </div>
      <h2>Safety</h2>
      <ul class="cautions">
        <li v-for="caution in [...cautionsOf(experiment), RULES_FIRST]" :key="caution">{{ caution }}</li>
      </ul>
      <p class="soft small">Made {{ longDate(today()) }} with Fern Test.</p>
    </article>
  </main>
</template>

<style scoped>
.wall {
  max-width: 1100px;
  margin: 0 auto;
  padding: 0 24px 40px;
}
article {
  padding: 26px 30px;
  background: var(--paper);
}
.question {
  font: 500 var(--type-large) var(--head);
}
h2 {
  margin: 14px 0 6px;
}
.halves {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 34px;
}
.arm {
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 8px;
  padding: 5px 0;
}
.arm p {
  margin: 0;
}
dl {
  margin: 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0 0 6px;
  font-size: var(--type-small);
}
.blank {
  width: 55%;
  border-bottom: 1px solid var(--ink) !important;
}
.cautions {
  margin: 0;
  padding-left: 18px;
  columns: 2;
  column-gap: 34px;
  font-size: var(--type-small);
}
@media (max-width: 900px) {
  .wall {
    padding: 0 14px 40px;
  }
  article {
    padding: 16px;
  }
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .cautions {
    columns: 1;
  }
}
.who {
  overflow-wrap: anywhere;
}
@media print {
  .wall,
  article {
    padding: 0;
  }
  .halves {
    grid-template-columns: 1fr 1fr;
  }
  .cautions {
    columns: 2;
    font-size: 11px;
    line-height: 1.3;
  }
  section,
  .arm,
  li {
    break-inside: avoid;
  }
}
</style>
