<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import { askedOf, askedWords, comparisonsOf, isApart, isSame, toggleAsked, type Asked } from '@fern/core';
import ChoiceField from '../components/ChoiceField.vue';
import { useLoaded } from '../layout/loaded';
import { useHistory } from '../stores/history';

/** Which of several comparisons the question is about: it leads the result, the others stand under it. */
const { experiment } = useLoaded();
const history = useHistory();
const keyOf = ({ factor, group, against }: Asked) => `${factor ?? ''}/${group}/${against}`;
const possible = computed(() => comparisonsOf(experiment.value.arms));
const isChosen = (own: Asked) => experiment.value.asked.some((one) => isSame(one, own));
/** Two treatments against one another are many where there are many: those that are chosen stand among the others, the rest in a list. */
const shown = computed(() => possible.value.filter((own) => !isApart(own, experiment.value.arms) || isChosen(own)));
const more = computed(() => possible.value.filter((own) => !shown.value.includes(own)));
const pairs = computed(() => [
  { value: '', label: 'two treatments …' },
  ...more.value.map((own) => ({ value: keyOf(own), label: askedWords(own, experiment.value.arms) })),
]);
function toggle(one: Asked | undefined): void {
  if (one) history.edit((now) => toggleAsked(now, one));
}
</script>

<template>
  <fieldset v-if="possible.length > 1">
    <legend>Which comparison is the question about?</legend>
    <template v-if="history.frozen"
      ><p v-for="own in askedOf(experiment)" :key="keyOf(own)">{{ askedWords(own, experiment.arms) }}</p></template
    >
    <template v-else>
      <p class="soft small">It comes first in the result; the others stand under it. With none chosen, all are asked, in this order.</p>
      <Checkbox v-for="own in shown" :key="keyOf(own)" :checked="isChosen(own)" @change="toggle(own)">{{
        askedWords(own, experiment.arms)
      }}</Checkbox>
      <p v-if="more.length > 0" class="more small">
        <span>Also ask</span>
        <ChoiceField
          value=""
          :options="pairs"
          label="Also ask two treatments against one another"
          @change="(key) => toggle(more.find((own) => keyOf(own) === key))"
        />
      </p>
      <p v-if="experiment.comparison === 'all-pairs'" class="soft small">
        With two treatments asked against one another, all groups are compared in pairs: each difference must be a little larger to count.
      </p>
    </template>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 5px;
}
p {
  margin: 0;
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
.ant-checkbox-wrapper {
  margin-inline-start: 0;
}
</style>
