<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed } from 'vue';
import { askedOf, askedWords, comparisonsOf, isSame, toggleAsked, type Asked } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useHistory } from '../stores/history';

/** Which of several comparisons the question is about: it leads the result, the others stand under it. */
const { experiment } = useLoaded();
const history = useHistory();
const keyOf = ({ factor, group }: Asked) => `${factor ?? ''}/${group}`;
const possible = computed(() => comparisonsOf(experiment.value.arms));
</script>

<template>
  <fieldset v-if="possible.length > 1">
    <legend>Which comparison is the question about?</legend>
    <template v-if="history.frozen"
      ><p v-for="own in askedOf(experiment)" :key="keyOf(own)">{{ askedWords(own, experiment.arms) }}</p></template
    >
    <template v-else>
      <p class="soft small">It comes first in the result; the others stand under it. With none chosen, all are asked, in this order.</p>
      <Checkbox
        v-for="own in possible"
        :key="keyOf(own)"
        :checked="experiment.asked.some((one) => isSame(one, own))"
        @change="history.edit((now) => toggleAsked(now, own))"
        >{{ askedWords(own, experiment.arms) }}</Checkbox
      >
    </template>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 5px;
}
p {
  margin: 0;
}
.ant-checkbox-wrapper {
  margin-inline-start: 0;
}
</style>
