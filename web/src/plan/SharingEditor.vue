<script setup lang="ts">
import { computed } from 'vue';
import { plural, shareContainers, sharingOf, type Sharing } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import { useHistory } from '../stores/history';

/** What do these share? Asked in the open, since what is shared is what counts. */
const { experiment } = useLoaded();
const history = useHistory();
const word = computed(() => experiment.value.plan.unitNoun);
const sharing = computed(() => sharingOf(experiment.value));
const how = computed<Sharing['how'] | 'as-is'>(() => sharing.value?.how ?? 'as-is');
const hows = computed<{ value: Sharing['how'] | 'as-is'; label: string }[]>(() => [
  { value: 'own', label: `nothing: each ${word.value} has its own` },
  { value: 'all', label: 'one for all of them' },
  { value: 'arm', label: 'one for each group' },
  { value: 'several', label: 'several for each group' },
  { value: 'places', label: 'one for so many places' },
  ...(how.value === 'as-is' ? [{ value: 'as-is' as const, label: 'as they came' }] : []),
]);
const usual = ['lamp', 'tank', 'tray', 'rail', 'bed', 'box', 'bag', 'refrigerator'];
const few = { several: 2, places: 3 } as Readonly<Partial<Record<Sharing['how'], number>>>;
const count = computed(() => new Set(experiment.value.units.map(({ container }) => container)).size);
const share = (more: Partial<Sharing>) =>
  history.edit((now) => {
    const before = sharingOf(now) ?? { how: 'own', what: 'tray', each: 1 };
    const next = { ...before, ...more };
    return shareContainers(now, {
      ...next,
      what: next.what.trim() || before.what,
      each: more.each ?? (more.how ? (few[more.how] ?? 1) : next.each),
    });
  });
</script>

<template>
  <div class="sharing" :class="{ shares: how !== 'own' }" role="group" aria-label="What they share">
    <b>What do these {{ experiment.units.length }} {{ plural(word) }} share?</b>
    <ChoiceField
      v-if="!history.frozen"
      :value="how"
      :options="hows"
      label="What units share"
      @change="(to) => to !== 'as-is' && share({ how: to })"
    />
    <span v-else>{{ hows.find(({ value }) => value === how)?.label }}</span>
    <template v-if="sharing && how !== 'own'">
      <span>, a</span>
      <TextField
        :value="sharing.what"
        :disabled="history.frozen"
        class="word"
        label="What is shared"
        list="shared-things"
        :maxlength="40"
        lazy
        @change="(what) => share({ what })"
      />
      <template v-if="how === 'several' || how === 'places'">
        <NumberField
          :value="sharing.each"
          :label="how === 'several' ? 'How many each group has' : 'How many places one serves'"
          :disabled="history.frozen"
          :min="2"
          :max="40"
          whole
          :width="56"
          @change="(each) => each !== null && share({ each })"
        />
        <span>{{ how === 'several' ? 'per group' : 'places each' }}</span>
      </template>
      <span class="soft">{{ count }} in all, drawn round what stands in them</span>
    </template>
    <datalist id="shared-things"><option v-for="thing in usual" :key="thing" :value="thing" /></datalist>
  </div>
</template>

<style scoped>
.sharing {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: baseline;
  margin: 0 0 12px;
  font-size: 15px;
}
.word {
  width: 110px;
}
</style>
