<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import {
  addToKit,
  changePlan,
  byCode,
  cautionsOf,
  inSystemWords,
  kitCost,
  kitGroups,
  kitOf,
  measureOut,
  RULES_FIRST,
  setPrice,
  toggleTick,
  unitSystems,
  type KitLine,
  badgeOf,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import LinesField from '../components/LinesField.vue';
import ContradictedLines from '../layout/ContradictedLines.vue';
import Callout from '../components/Callout.vue';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useHistory } from '../stores/history';
import { useUnitSystem } from '../stores/unitSystem';
import KitNeedsEditor from './KitNeedsEditor.vue';
import PrepareTabs from './PrepareTabs.vue';

/** What to get and to weigh, worked out from the plan; ticked off as it comes together, and printed. */
const { experiment } = useLoaded();
const history = useHistory();
const system = useUnitSystem();
const lines = computed(() => kitOf(experiment.value));
const groups = computed(() =>
  kitGroups
    .map(({ group, title }) => ({ group, title, own: lines.value.filter((line) => line.group === group) }))
    .filter(({ own }) => own.length > 0),
);
const left = computed(() => lines.value.filter(({ isTicked }) => !isTicked).length);
const cost = computed(() => kitCost(lines.value));
const priced = ref(false);
const withPrices = computed(() => priced.value || cost.value !== null);
const headline = computed(() => {
  const all = lines.value.length;
  if (left.value === 0) return 'Everything is there';
  return left.value === all ? `${all} things to get` : `${left.value} of ${all} things still to get`;
});
const much = ({ amount, unit }: Pick<KitLine, 'amount' | 'unit'>) => (amount === null ? '' : inSystemWords(amount, unit, system.value));
const spoon = ({ amount, unit }: KitLine) =>
  amount === null || amount > 250 || unit === '' ? '' : (measureOut(amount, unit)[0]?.words ?? '');
const nameOf = (code: string) => byCode(experiment.value.arms, code)?.name ?? code;
const money = (value: number) => value.toFixed(2);
const own = ref('');
function add(): void {
  history.edit((now) => addToKit(now, own.value));
  own.value = '';
}
const print = () => window.print();
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <div class="head">
      <h1>{{ headline }}</h1>
      <span class="actions">
        <ChoiceField :value="system" :options="unitSystems" label="Shown in" @change="system = $event" />
        <Button v-if="!withPrices" @click="priced = true">Add prices</Button>
        <Button type="primary" size="large" @click="print">Print the kit</Button>
      </span>
    </div>
    <p class="only-print">{{ experiment.title }}</p>
    <section v-for="{ group, title, own: items } in groups" :key="group" :aria-label="title">
      <h2>{{ title }}</h2>
      <ul class="bare-list">
        <li v-for="line in items" :key="line.id" :class="{ there: line.isTicked, priced: withPrices }">
          <label class="tick"
            ><input type="checkbox" :checked="line.isTicked" @change="history.edit((now) => toggleTick(now, line.id))" />
            <span>{{ line.what }}</span></label
          >
          <b class="mono much">{{ much(line) }}</b>
          <span class="soft small how">
            <span v-if="line.arms.length > 1" class="arms"
              ><span v-for="{ arm, amount } in line.arms" :key="arm" :title="nameOf(arm)"
                ><b>{{ badgeOf(experiment.arms, arm) }}</b> {{ much({ amount, unit: line.unit }) }}</span
              ></span
            >
            <span v-if="line.how"
              >{{ line.how }}<template v-if="spoon(line)">; {{ spoon(line) }}</template></span
            >
          </span>
          <span v-if="withPrices && line.amount !== null" class="price small">
            <NumberField
              small
              :value="line.price"
              :label="`Price of ${line.what}`"
              :min="0"
              :max="1e6"
              :width="72"
              optional
              @change="history.edit((now) => setPrice(now, line.id, $event))"
            />
            <span class="soft">{{ line.unit === '' ? 'each' : line.unit === 'g' ? 'a kg' : 'a litre' }}</span>
            <b v-if="line.cost !== null" class="mono">{{ money(line.cost) }}</b>
          </span>
        </li>
      </ul>
    </section>
    <p v-if="cost" class="sum">
      <b>{{ money(cost.all) }} in all</b>
      <span class="soft"
        >, for each group:
        <template v-for="({ arm, cost: each }, i) in cost.arms" :key="arm"
          >{{ i > 0 ? ', ' : '' }}{{ nameOf(arm) }} {{ money(each) }}</template
        ></span
      >
    </p>
    <form class="add" @submit.prevent="add">
      <TextField :value="own" label="A thing of your own" placeholder="A thing of your own: string, a second tray" @change="own = $event" />
      <Button html-type="submit" :disabled="own.trim() === ''">Put on the list</Button>
    </form>
    <details class="lines">
      <summary>Your own lines, as text</summary>
      <p class="soft small">
        These stay as you write them. What follows from the plan stands above and is changed under “Worked out from”.
      </p>
      <LinesField
        :value="experiment.plan.materials"
        label="Kit, one item a line"
        @change="(materials) => history.edit((now) => changePlan(now, { materials }))"
      />
    </details>
    <ContradictedLines in="kit" />
    <template #sidebar>
      <KitNeedsEditor />
      <h2>Safety</h2>
      <Callout v-for="caution in [...cautionsOf(experiment), RULES_FIRST]" :key="caution" severity="caution">{{ caution }}</Callout>
    </template>
  </TwoColumns>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
li {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) 96px minmax(0, 1.5fr);
  gap: 4px 16px;
  align-items: baseline;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
li.priced {
  grid-template-columns: minmax(150px, 1fr) 96px minmax(0, 1.5fr) 178px;
}
.tick {
  display: flex;
  gap: 10px;
  align-items: baseline;
}
.there .tick span {
  color: var(--soft);
  text-decoration: line-through;
}
.much {
  font-weight: 500;
  text-align: right;
}
.how > span {
  display: block;
}
.arms span {
  display: inline-block;
  margin-right: 14px;
}
.arms b {
  color: var(--ink);
  font: 500 var(--type-tiny) var(--mono);
}
.price {
  display: flex;
  gap: 6px;
  align-items: baseline;
}
.sum {
  margin: 14px 0;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 16px;
}
.add :deep(.ant-input) {
  flex: 1 1 180px;
}
.lines {
  margin-top: 16px;
}
.only-print {
  display: none;
}
@media (max-width: 900px) {
  li,
  li.priced {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .tick {
    min-height: 44px;
    align-items: center;
  }
  .how,
  .price {
    grid-column: 1 / -1;
  }
}
@media print {
  .actions,
  .add,
  .lines {
    display: none;
  }
  .only-print {
    display: block;
  }
}
</style>
