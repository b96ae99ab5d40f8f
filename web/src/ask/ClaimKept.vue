<script setup lang="ts">
import { changePlan, type WorksBy } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import LongField from '../components/LongField.vue';
import TextField from '../components/TextField.vue';
import TicksField from '../components/TicksField.vue';
import ContradictedLines from '../layout/ContradictedLines.vue';
import UnwordedNote from '../layout/UnwordedNote.vue';
import { useHistory } from '../stores/history';

/** The claim as it was said, who says it, how it is said to work, and what would count as a yes: written before the data. */
const { experiment } = useLoaded();
const history = useHistory();
const ways: readonly { value: WorksBy; label: string }[] = [
  { value: 'ground', label: 'the ground' },
  { value: 'sky', label: 'the sky' },
  { value: 'air', label: 'the air' },
  { value: 'sound', label: 'sound' },
  { value: 'nearness', label: 'being near' },
];
const set = (field: 'claimSource' | 'claimedMechanism' | 'countsAsYes') => (value: string) =>
  history.edit((now) => changePlan(now, { [field]: value }));
</script>

<template>
  <section class="fields" aria-label="The claim">
    <p v-if="experiment.claim" class="claim">“{{ experiment.claim }}”</p>
    <div v-if="experiment.claim" class="two">
      <label
        >Who says so<TextField
          :value="experiment.plan.claimSource"
          label="Who says so"
          placeholder="a neighbour, a packet, a page …"
          :maxlength="200"
          :disabled="history.frozen"
          @change="set('claimSource')($event)"
      /></label>
      <label
        >How is it said to work?<TextField
          :value="experiment.plan.claimedMechanism"
          label="How is it said to work?"
          placeholder="it feeds them, it keeps the soil damp …"
          :maxlength="300"
          :disabled="history.frozen"
          @change="set('claimedMechanism')($event)"
      /></label>
    </div>
    <div v-if="experiment.claim">
      <b>It would work through</b>
      <TicksField
        :value="experiment.plan.worksBy"
        :options="ways"
        :disabled="history.frozen"
        label="Through what it would work"
        @change="(worksBy) => history.edit((now) => changePlan(now, { worksBy }))"
      />
    </div>
    <label
      >What would count as a yes<LongField
        :value="experiment.plan.countsAsYes"
        label="What would count as a yes"
        :disabled="history.frozen"
        @change="set('countsAsYes')($event)"
    /></label>
    <UnwordedNote text="countsAsYes" name="what would count as a yes" />
    <ContradictedLines in="countsAsYes" />
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  max-width: 760px;
  margin-bottom: 26px;
}
.claim {
  margin: 0;
  font-family: var(--head);
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 14px;
}
label {
  display: grid;
  gap: 5px;
  font-weight: 700;
}
</style>
