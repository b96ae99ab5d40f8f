<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import {
  benchFor,
  cautionsOf,
  couldSpread,
  byCode,
  plural,
  recipeOf,
  RULES_FIRST,
  SET_UP,
  setUpOrder,
  shelfRows,
  badgeOf,
} from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../layout/loaded';
import Callout from '../components/Callout.vue';
import TwoColumns from '../components/TwoColumns.vue';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { armStyle } from '@fern/paper/look';
import { useStepClock } from '../stores/stepClock';
import { useUnitSystem } from '../stores/unitSystem';
import PrepareTabs from './PrepareTabs.vue';

/** The bench as a check list: unit by unit, with what its arm gets; a tap, or a scan of its label, ticks it. */
const { experiment, study } = useLoaded();
const clock = useStepClock();
const system = useUnitSystem();
const items = computed(() => setUpOrder(study.value));
const next = computed(() => items.value.find(({ isDone }) => !isDone) ?? null);
const left = computed(() => items.value.filter(({ isDone }) => !isDone).length);
const done = computed(() => new Set(items.value.flatMap(({ unit, isDone }) => (isDone ? [unit.code] : []))));
const recipes = computed(() => new Map(experiment.value.arms.map(({ code: arm }) => [arm, recipeOf(experiment.value, arm, system.value)])));
const spreads = computed(() => couldSpread(experiment.value));
const many = computed(() => plural(experiment.value.plan.unitNoun));
const nameOf = (code: string) => byCode(experiment.value.arms, code)?.name ?? code;
const rows = computed(() => shelfRows(benchFor(experiment.value.plan.bench, experiment.value.units)));
function place(row: number | null, column: number | null): string {
  if (row === null || column === null) return 'no place yet';
  const board = rows.value.find(({ first, last }) => row >= first && row <= last);
  return `${board?.shelf.name ?? 'Bench'}${board && board.last > board.first ? `, row ${row - board.first + 1}` : ''}, place ${column}`;
}
const tick = (unit: string) => !done.value.has(unit) && void clock.done(SET_UP, [], [unit]);
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <div class="head">
      <h1>{{ left === 0 ? `All ${items.length} ${many} stand` : `${left} of ${items.length} ${many} to put out` }}</h1>
    </div>
    <div v-if="next" class="now" aria-live="polite">
      <GroupBadge :text="badgeOf(experiment.arms, next.unit.arm)" :look="armStyle(experiment.arms, next.unit.arm)" :size="64" />
      <div class="what">
        <p class="code mono">{{ next.unit.code }}</p>
        <p>
          <b>{{ nameOf(next.unit.arm) }}</b> · {{ place(next.unit.row, next.unit.column) }}
        </p>
        <ul class="recipe">
          <li v-for="line in recipes.get(next.unit.arm)" :key="line">{{ line }}</li>
        </ul>
      </div>
      <Button type="primary" size="large" class="stands" @click="tick(next.unit.code)">It stands</Button>
    </div>
    <p v-if="spreads" class="soft small">
      The control first, then one group after another: what is in a treatment could get into the control by hands, tools or drips.
    </p>
    <ol class="bare-list" :aria-label="`The ${many} in order`">
      <li v-for="{ unit, isDone } in items" :key="unit.code" :class="{ done: isDone }">
        <label
          ><input type="checkbox" :checked="isDone" :disabled="isDone" :aria-label="`${unit.code} stands`" @change="tick(unit.code)" />
          <b class="mono">{{ unit.code }}</b></label
        >
        <GroupBadge :text="badgeOf(experiment.arms, unit.arm)" :look="armStyle(experiment.arms, unit.arm)" :size="26" />
        <span class="soft small">{{ place(unit.row, unit.column) }}</span>
      </li>
    </ol>
    <template #sidebar>
      <h2>The bench</h2>
      <BenchView
        v-bind="benchOf(experiment)"
        :done="done"
        done-word="put out"
        :current="next?.unit.code ?? null"
        pickable
        @pick="tick($event)"
      />
      <h2 class="later">For one of each group</h2>
      <div v-for="{ code: arm, name } in experiment.arms" :key="arm" class="arm small">
        <GroupBadge :text="badgeOf(experiment.arms, arm)" :look="armStyle(experiment.arms, arm)" :size="26" />
        <div>
          <b>{{ name }}</b>
          <ul class="recipe">
            <li v-for="line in recipes.get(arm)" :key="line">{{ line }}</li>
          </ul>
        </div>
      </div>
      <h2 class="later">Safety</h2>
      <Callout v-for="caution in cautionsOf(experiment)" :key="caution" severity="caution">{{ caution }}</Callout>
      <Callout severity="caution">{{ RULES_FIRST }}</Callout>
    </template>
  </TwoColumns>
</template>

<style scoped>
.now {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 18px;
  align-items: center;
  margin-bottom: 16px;
  padding: 14px 0;
  border-top: 3px solid var(--pollen);
  border-bottom: 1px solid var(--line);
}
.now p {
  margin: 0;
}
.code {
  font-size: var(--type-title);
  font-weight: 500;
}
.recipe {
  margin: 4px 0 0;
  padding-left: 18px;
}
.stands {
  min-width: 150px;
  min-height: 64px;
}
ol {
  columns: 2;
  column-gap: 36px;
}
ol li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 40px;
  border-bottom: 1px solid var(--hair);
  break-inside: avoid;
}
ol label {
  display: flex;
  gap: 10px;
  align-items: center;
  min-width: 92px;
  min-height: 40px;
}
.done b,
.done span {
  color: var(--soft);
  text-decoration: line-through;
}
.arm {
  display: grid;
  grid-template-columns: 30px 1fr;
  gap: 8px;
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}
@media (max-width: 900px) {
  ol {
    columns: 1;
  }
  ol li,
  ol label {
    min-height: 48px;
  }
  .now {
    grid-template-columns: auto minmax(0, 1fr);
  }
  .stands {
    grid-column: 1 / -1;
    width: 100%;
  }
}
</style>
