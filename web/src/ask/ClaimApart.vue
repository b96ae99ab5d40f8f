<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { promisedMeasures, type Direction, type Experiment } from '@fern/core';
import ChoiceField from '../components/ChoiceField.vue';
import Callout from '../components/Callout.vue';
import NumberField from '../components/NumberField.vue';
import TextField from '../components/TextField.vue';
import ClaimPart from './ClaimPart.vue';
import { useClaimParts } from './useClaimParts';

/** A claim taken apart; only what is missing is asked for, and the ready-made question nearest to it is offered. */
const props = defineProps<{ text: string; busy: boolean }>();
const emit = defineEmits<{ test: [experiment: Experiment] }>();
const { claim, parts, left, askFor, closest, draft, nearDraft } = useClaimParts(() => props.text);
const measures = [
  { value: '', label: 'choose what is measured …' },
  ...promisedMeasures.map(({ id, name }) => ({ value: id, label: name })),
];
const directions: readonly { value: Direction | ''; label: string }[] = [
  { value: '', label: 'choose …' },
  { value: 'more', label: 'more of it' },
  { value: 'less', label: 'less of it' },
  { value: 'different', label: 'just different' },
];
const WITHOUT = 'without it';

function go(experiment: Experiment | null): void {
  if (experiment) emit('test', experiment);
}
</script>

<template>
  <div class="apart">
    <div class="parts">
      <ClaimPart title="Plant" :ask="askFor('plant')">
        <TextField :value="parts.plant" label="Plant" :maxlength="80" @change="parts.plant = $event" />
      </ClaimPart>
      <ClaimPart title="What is done" :ask="askFor('treatment')">
        <TextField :value="parts.treatment" label="What is done" :maxlength="100" @change="parts.treatment = $event" />
      </ClaimPart>
      <ClaimPart title="Compared with" :ask="askFor('comparison')">
        <TextField
          :value="parts.comparison"
          label="Compared with"
          :placeholder="WITHOUT"
          :maxlength="100"
          @change="parts.comparison = $event"
        />
        <template #answer><button type="button" class="link" @click="parts.comparison = WITHOUT">without it</button></template>
      </ClaimPart>
      <ClaimPart title="What is measured" :ask="askFor('measure')">
        <ChoiceField :value="parts.measure" :options="measures" label="What is measured" @change="parts.measure = $event" />
      </ClaimPart>
      <ClaimPart title="Which way" :ask="askFor('direction')">
        <ChoiceField :value="parts.direction" :options="directions" label="Which way" @change="parts.direction = $event" />
      </ClaimPart>
      <ClaimPart title="By day">
        <NumberField :value="parts.days" label="By day" :min="1" :max="365" whole optional @change="parts.days = $event" />
      </ClaimPart>
      <ClaimPart title="Who says so">
        <TextField
          :value="parts.source"
          label="Who says so"
          placeholder="a neighbour, a packet, a page …"
          :maxlength="200"
          @change="parts.source = $event"
        />
      </ClaimPart>
      <ClaimPart title="How is it said to work?">
        <TextField
          :value="parts.claimedMechanism"
          label="How is it said to work?"
          placeholder="it feeds them, it keeps the soil damp …"
          :maxlength="300"
          @change="parts.claimedMechanism = $event"
        />
      </ClaimPart>
    </div>
    <div>
      <Callout v-for="{ word, ask: words } in claim.vague" :key="word" severity="caution"
        ><b>“{{ word }}”</b> cannot be measured as it stands. {{ words }}</Callout
      >
      <Callout v-if="claim.size" severity="fine"
        >It gives a size: <b>{{ claim.size.words }}</b>. The result will say whether that is ruled out.</Callout
      >
      <Callout v-if="claim.alsoPromised.length > 0" severity="note"
        >It also promises {{ claim.alsoPromised.map(({ name }) => name).join(', ') }}. That will stand as not tested.</Callout
      >
      <Callout v-if="claim.missing.includes('measure') && claim.vague.length === 0" severity="caution"
        >Nothing in it says what would be seen. Choose what would convince you.</Callout
      >
      <p class="go">
        <Button type="primary" :disabled="left.length > 0" :loading="busy" @click="go(draft())">Make it a test</Button>
        <span v-if="left.length > 0" class="small soft"
          >{{ left.length === 1 ? 'One part is' : `${left.length} parts are` }} still open.</span
        >
      </p>
      <section v-if="closest" class="near" aria-label="The closest ready-made question">
        <h3>There is a question ready that comes near</h3>
        <p class="title">{{ closest.question.title }}</p>
        <p v-if="closest.kept.length > 0" class="small">Kept of the claim: {{ closest.kept.join('; ') }}.</p>
        <p v-if="closest.lost.length > 0" class="small soft">To look at again: {{ closest.lost.join('; ') }}.</p>
        <Button :loading="busy" @click="go(nearDraft())">Start from this question</Button>
      </section>
    </div>
  </div>
</template>

<style scoped>
.apart {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 28px;
  margin-top: 14px;
}
.parts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
  align-items: start;
}
.go {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 14px;
}
.near {
  margin-top: 18px;
  padding: 2px 0 2px 14px;
  border-left: 3px solid var(--sprout);
}
.near h3 {
  font-size: var(--type-small);
}
.near .title {
  margin: 4px 0;
  font-family: var(--head);
}
@media (max-width: 900px) {
  .apart,
  .parts {
    grid-template-columns: 1fr;
  }
}
</style>
