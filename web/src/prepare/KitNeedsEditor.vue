<script setup lang="ts">
import { upperFirst } from 'lodash-es';
import { computed } from 'vue';
import {
  changeKit,
  emptySolution,
  timesGiven,
  expectedShares,
  mixEach,
  plural,
  type Addition,
  type KitNeeds,
  type MixPart,
  type Solution,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import AddButton from '../components/AddButton.vue';
import RemoveButton from '../components/RemoveButton.vue';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import QuantityField from '../components/QuantityField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';
import KitItem from './KitItem.vue';
import KitThings from './KitThings.vue';

/** What the kit is worked out from beyond the plan itself: spare, sprouting, mix, what is blended in and what is poured. */
const { experiment } = useLoaded();
const history = useHistory();
const kit = computed(() => experiment.value.plan.kit);
const word = computed(() => experiment.value.plan.unitNoun);
const shares = computed(() => expectedShares(experiment.value));
const mix = computed(() => mixEach(experiment.value));
const change = (more: Partial<KitNeeds>) => history.edit((now) => changeKit(now, more));
const without = <Item,>(items: readonly Item[], i: number) => items.filter((_, k) => k !== i);
const withItem = <Item,>(items: readonly Item[], i: number, more: Partial<Item>) =>
  items.map((own, k) => (k === i ? { ...own, ...more } : own));
const part = (i: number, more: Partial<MixPart>) => change({ parts: withItem(kit.value.parts, i, more) });
const addition = (i: number, more: Partial<Addition>) => change({ additions: withItem(kit.value.additions, i, more) });
const solution = (i: number, more: Partial<Solution>) => change({ solutions: withItem(kit.value.solutions, i, more) });
const treated = computed(() => experiment.value.arms.filter(({ role }) => role === 'treatment').map(({ code: arm }) => arm));
const measures = [
  { value: 'mL', label: 'mL' },
  { value: 'g', label: 'g' },
] as const;
const often = [
  { value: 'all', label: 'times in all' },
  { value: 'week', label: 'times a week' },
  { value: 'steps', label: 'times, on the days of its steps' },
] as const;
/** Counted in another way, it stays as often as it is, as far as that can be said. */
function oftenAs(way: (typeof often)[number]['value'], own: Solution): Partial<Solution> {
  if (way === 'steps') return { onSteps: true };
  if (way === 'week') return { onSteps: false, aWeek: own.aWeek ?? Math.min(70, own.times) };
  return { onSteps: false, times: own.onSteps ? timesGiven(own, experiment.value) : Math.ceil(own.aWeek ?? own.times), aWeek: null };
}
const ways = [
  { value: 'ready', label: 'ready as it is' },
  { value: 'ratio', label: 'from a stock' },
  { value: 'grams', label: 'grams in a litre' },
] as const;
</script>

<template>
  <section class="needs" aria-label="What it is worked out from">
    <h2>Worked out from</h2>
    <p>
      <QuantityField
        :value="kit.spare"
        before="To spare"
        label="To spare, per cent"
        unit="%"
        :min="0"
        :max="300"
        :width="60"
        @change="change({ spare: $event ?? 0 })"
      />
    </p>
    <p>
      <QuantityField
        :value="kit.sprout ?? (shares.sprout === null ? null : Math.round(shares.sprout * 100))"
        before="Of 100 come up"
        label="Of 100 come up"
        unit=""
        :min="1"
        :max="100"
        :width="60"
        @change="change({ sprout: $event })"
      />
      <QuantityField
        :value="kit.survive"
        before="of 100 live on"
        label="Of 100 live on"
        unit=""
        :min="1"
        :max="100"
        :width="60"
        @change="change({ survive: $event })"
      />
    </p>
    <p>
      <QuantityField
        :value="kit.thousand"
        before="A thousand weigh"
        label="A thousand weigh"
        unit="g"
        :min="0.001"
        :max="1e6"
        :width="72"
        @change="change({ thousand: $event })"
      />
    </p>
    <p class="line">
      <span>{{ upperFirst(experiment.plan.propagule) }}</span>
      <TextField
        small
        :value="kit.lot"
        label="Where they come from"
        placeholder="of one packet"
        class="name"
        @change="(lot) => change({ lot })"
      />
    </p>
    <p class="line">
      <span>{{ upperFirst(plural(word)) }}</span>
      <TextField
        small
        :value="kit.containers"
        :label="`What the ${plural(word)} are like`"
        placeholder="of 11 cm"
        class="name"
        @change="(containers) => change({ containers })"
      />
      <NumberField
        small
        :value="kit.containerCount"
        :label="`How many ${plural(word)}, where they are used again`"
        whole
        :min="1"
        :max="400"
        optional
        placeholder="one each"
        :width="82"
        @change="change({ containerCount: $event })"
      />
    </p>
    <p class="line">
      <span>Each {{ word }} takes</span>
      <NumberField
        :value="kit.mediumEach ?? (mix.amount || null)"
        :label="`Mix in each ${word}`"
        :min="0"
        :max="1e7"
        optional
        :width="72"
        @change="change({ mediumEach: $event })"
      />
      <ChoiceField
        :value="kit.mediumBy"
        :options="measures"
        label="How the mix is measured"
        @change="change({ mediumBy: $event, mediumEach: kit.mediumEach ?? (mix.amount || null) })"
      />
      <span>of</span>
      <TextField
        small
        :value="kit.medium"
        label="Name of the mix"
        placeholder="mix"
        class="name"
        @change="(medium) => change({ medium })"
      />
    </p>
    <p v-if="mix.usual && mix.amount > 0" class="soft small">
      <template v-if="mix.usual.crop">As much as {{ mix.usual.crop }} usually needs to its harvest.</template>
      <template v-else>As much as such a {{ word }} usually holds: measure yours once.</template>
    </p>
    <ul class="bare-list" aria-label="Parts of the mix">
      <li v-for="(own, i) in kit.parts" :key="i" class="line">
        <NumberField
          small
          :value="own.parts"
          :label="`Parts of part ${i + 1}`"
          :min="0.01"
          :max="1000"
          :width="54"
          @change="$event !== null && part(i, { parts: $event })"
        />
        <span>parts</span>
        <TextField small :value="own.name" :label="`Name of part ${i + 1}`" class="name" @change="(name) => part(i, { name })" />
        <RemoveButton :label="`Remove part ${own.name}`" @away="change({ parts: without(kit.parts, i) })" />
      </li>
    </ul>
    <p>
      <AddButton @add="change({ parts: [...kit.parts, { name: kit.parts.length === 0 ? 'peat-free compost' : 'sand', parts: 1 }] })"
        >Mix it from parts</AddButton
      >
    </p>
    <p>
      <QuantityField
        :value="kit.wetting"
        before="Wetted with"
        label="Water to wet the mix"
        :unit="`mL for a ${kit.mediumBy}`"
        :min="0"
        :max="30"
        :width="60"
        @change="change({ wetting: $event })"
      />
    </p>
    <h3>Blended in</h3>
    <ul class="bare-list" aria-label="Blended in">
      <KitItem
        v-for="(own, i) in kit.additions"
        :key="i"
        :arms="experiment.arms"
        :ticked="own.arms"
        @arms="(arms) => addition(i, { arms })"
      >
        <TextField small :value="own.name" :label="`Blended in ${i + 1}`" class="name" @change="(name) => addition(i, { name })" />
        <NumberField
          small
          :value="own.share"
          :label="`Share of ${own.name}`"
          :min="0"
          :max="100"
          optional
          placeholder="dose"
          :width="60"
          @change="addition(i, { share: $event })"
        />
        <span>% of the mix</span>
        <RemoveButton :label="`Remove ${own.name}`" @away="change({ additions: without(kit.additions, i) })" />
      </KitItem>
    </ul>
    <p>
      <AddButton @add="change({ additions: [...kit.additions, { name: 'castings', arms: treated, share: 10 }] })"
        >Blend something in</AddButton
      >
    </p>
    <h3>Poured or sprayed</h3>
    <ul class="bare-list" aria-label="Poured or sprayed">
      <KitItem
        v-for="(own, i) in kit.solutions"
        :key="i"
        :arms="experiment.arms"
        :ticked="own.arms"
        @arms="(arms) => solution(i, { arms })"
      >
        <TextField small :value="own.name" :label="`Solution ${i + 1}`" class="name" @change="(name) => solution(i, { name })" />
        <NumberField
          small
          :value="own.each"
          :label="`mL of ${own.name} each`"
          :min="0"
          :max="1e6"
          :width="60"
          @change="$event !== null && solution(i, { each: $event })"
        />
        <span>mL each,</span>
        <NumberField
          small
          :value="own.onSteps ? timesGiven(own, experiment) : (own.aWeek ?? own.times)"
          :disabled="own.onSteps"
          :label="`How often ${own.name}`"
          :whole="own.onSteps || own.aWeek === null"
          :min="own.aWeek === null ? 1 : 0.1"
          :max="own.aWeek === null ? 1000 : 70"
          :width="50"
          @change="$event !== null && solution(i, own.aWeek === null ? { times: $event } : { aWeek: $event })"
        />
        <ChoiceField
          :value="own.onSteps ? 'steps' : own.aWeek === null ? 'all' : 'week'"
          :options="often"
          :label="`How often ${own.name} is counted`"
          @change="solution(i, oftenAs($event, own))"
        />
        <RemoveButton :label="`Remove ${own.name}`" @away="change({ solutions: without(kit.solutions, i) })" />
        <template #more>
          <ChoiceField :value="own.made" :options="ways" :label="`How ${own.name} is made`" @change="solution(i, { made: $event })" />
          <TextField
            v-if="own.made === 'ratio'"
            small
            :value="own.ratio"
            :label="`Ratio of ${own.name}`"
            placeholder="1:500"
            class="ratio"
            @change="(ratio) => solution(i, { ratio })"
          />
          <NumberField
            v-if="own.made === 'grams'"
            small
            :value="own.grams"
            :label="`Grams of ${own.name} in a litre`"
            :min="0"
            :max="1e6"
            optional
            placeholder="dose"
            :width="64"
            @change="solution(i, { grams: $event })"
          />
        </template>
      </KitItem>
    </ul>
    <p>
      <button
        type="button"
        class="link"
        @click="
          change({
            solutions: [...kit.solutions, { ...emptySolution, name: 'feed', arms: treated, made: 'ratio', ratio: '1:500' }],
          })
        "
      >
        Pour something
      </button>
      <span class="soft small"> for {{ experiment.units.length }} {{ plural(word) }}</span>
    </p>
    <KitThings />
  </section>
</template>

<style scoped>
.needs p {
  margin: 0 0 8px;
}
h2 {
  margin-bottom: 8px;
}
h3 {
  margin: 12px 0 4px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: baseline;
}
.name {
  width: 130px;
}
.ratio {
  width: 76px;
}
@media print {
  .needs {
    display: none;
  }
}
</style>
