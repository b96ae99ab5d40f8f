<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { v7 as uuid } from 'uuid';
import { computed, ref } from 'vue';
import {
  convert,
  byCode,
  kindOf,
  onItsRound,
  checkReading,
  readsBlind,
  recordReading,
  refusedOf,
  roundOrder,
  type Line,
  type Told,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import { today } from '../stores/today';

/** A result that is what one measures here goes into the log as today's reading of one of them. */
const props = defineProps<{ lines: readonly (Line | Told)[] }>();
const { id, experiment, study } = useLoaded();
const outbox = useOutbox();
const session = useSession();
const unit = ref('');
const said = ref<string | null>(null);
const wrong = ref<string | null>(null);

interface Offer {
  readonly measure: string;
  readonly words: string;
  readonly value: number;
}
/** Each measure that is typed as a number, with the first result in its unit. */
const offers = computed<Offer[]>(() =>
  experiment.value.measures
    .filter((measure) => kindOf(measure).entry === 'keypad')
    .flatMap((measure) => {
      for (const own of props.lines) {
        if (!('value' in own)) continue;
        const value = convert(own.value, own.unit, measure.unit);
        if (value === null || own.unit === '') continue;
        const shown = Number(value.toPrecision(4));
        return [{ measure: measure.code, words: `${measure.name}: ${shown} ${measure.unit}`, value: shown }];
      }
      return [];
    }),
);
const units = computed(() => [
  { value: '', label: `which ${experiment.value.plan.unitNoun}` },
  ...roundOrder(experiment.value.units.filter(({ status }) => status === 'active')).map((own) => ({ value: own.code, label: own.code })),
]);
function take(offer: Offer): void {
  const own = byCode(experiment.value.units, unit.value);
  const measure = byCode(experiment.value.measures, offer.measure);
  wrong.value = own ? null : `Choose the ${experiment.value.plan.unitNoun} that was measured.`;
  if (!own || !measure) return;
  const place = { unit: own, measure, plannedDay: null, reading: null, plant: null };
  const by = { id: uuid(), observer: session.account?.name ?? null, blinded: readsBlind(experiment.value) };
  const reading = recordReading(place, { value: offer.value, absent: null, note: null }, today(), by);
  const placed = onItsRound(experiment.value)(reading);
  const objections = checkReading(study.value, place, placed, today());
  wrong.value = refusedOf(objections)[0]?.detail ?? null;
  if (wrong.value !== null) return;
  outbox.add(id.value, { kind: 'reading', content: placed });
  const odd = objections.map(({ detail }) => ` ${detail}`).join('');
  said.value = `${own.code}: ${offer.words}. It stands in the log.${odd}`;
}
</script>

<template>
  <div v-if="offers.length > 0">
    <p class="line">
      <span>Take it as today’s reading of</span>
      <ChoiceField :value="unit" :options="units" label="Of which one it is the reading" @change="unit = $event" />
      <Button v-for="offer in offers" :key="offer.measure" @click="take(offer)">{{ offer.words }}</Button>
    </p>
    <ProblemNote :words="wrong" />
    <p v-if="said" role="status" class="small">{{ said }}</p>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: baseline;
}
</style>
