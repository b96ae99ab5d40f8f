<script setup lang="ts">
import { Button, Checkbox } from 'ant-design-vue';
import { v7 as uuid } from 'uuid';
import { computed, ref, shallowRef, watch } from 'vue';
import { eventEffects, isDate, shortDate, type EventKind, type Happening, type Unit } from '@fern/core';
import BenchView from '../bench/BenchView.vue';
import { benchOf } from '../bench/benchOf';
import { useLoaded } from '../frame/loaded';
import ChoiceField from '../kit/ChoiceField.vue';
import ConfirmDialog from '../kit/ConfirmDialog.vue';
import DateField from '../kit/DateField.vue';
import MarginNote from '../kit/MarginNote.vue';
import TextField from '../kit/TextField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import { eventKinds } from './eventKinds';

/** Writes down what went wrong, on its own day and for whom it touched, or mends what was written; the old words are kept. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ mends?: Happening | null; unit?: Unit | null; on?: string }>();
const emit = defineEmits<{ closed: [] }>();
const { experiment, study } = useLoaded();
const log = useLog();

type Reach = 'all' | 'arms' | 'units';
const kind = ref<EventKind>('equipment');
const day = ref('');
const reach = ref<Reach>('all');
// Shallow: what is kept goes on to the browser's store and to a worker, which take no proxies.
const arms = shallowRef<readonly string[]>([]);
const units = shallowRef<readonly string[]>([]);
const note = ref('');
const effect = ref('');
watch(
  open,
  (is) => {
    if (!is) return;
    const { mends, unit } = props;
    kind.value = mends?.kind ?? 'equipment';
    day.value = mends?.on ?? props.on ?? today();
    arms.value = mends?.arms ?? (unit && !experiment.value.blinded ? [unit.arm] : []);
    units.value = mends?.units ?? (unit ? [unit.unit] : []);
    reach.value = !mends ? 'all' : mends.units.length > 0 ? 'units' : mends.arms.length > 0 ? 'arms' : 'all';
    note.value = mends?.note ?? '';
    effect.value = mends?.effect ?? '';
  },
  { immediate: true },
);

const word = computed(() => experiment.value.plan.unitWord);
const reaches = computed<{ value: Reach; label: string }[]>(() => [
  { value: 'all', label: 'it touched all alike' },
  ...(experiment.value.blinded ? [] : [{ value: 'arms' as const, label: 'it touched some arms' }]),
  { value: 'units', label: `it touched some, picked one by one` },
]);
const known = computed(() => new Set(experiment.value.units.map((own) => own.unit)));
const strangers = computed(() => units.value.filter((code) => !known.value.has(code)));
const codes = computed(() => units.value.join(' '));
const typeCodes = (text: string) => (units.value = [...new Set(text.split(/[\s,;]+/).filter((code) => code !== ''))]);
const toggle = (list: readonly string[], code: string) => (list.includes(code) ? list.filter((own) => own !== code) : [...list, code]);

const wrong = computed(() => {
  if (!isDate(day.value) || day.value > today()) return 'Choose the day on which it happened: today or before.';
  if (reach.value === 'units' && strangers.value.length > 0) return `There is no ${word.value} ${strangers.value.join(', ')}.`;
  if (reach.value === 'units' && units.value.length === 0) return `Pick which of them it touched.`;
  if (reach.value === 'arms' && arms.value.length === 0) return 'Tick the arms that it touched.';
  if (kind.value === 'other' && note.value.trim() === '') return 'Say in a few words what happened.';
  return null;
});
const written = computed<Happening>(() => ({
  id: '',
  on: day.value,
  kind: kind.value,
  arms: reach.value === 'arms' ? arms.value : [],
  units: reach.value === 'units' ? units.value : [],
  note: note.value.trim(),
  effect: effect.value.trim(),
  replaces: props.mends?.id ?? null,
  withdrawn: false,
}));
const effects = computed(() => (wrong.value === null ? eventEffects(study.value, written.value) : []));
const tried = ref(false);
watch(open, () => (tried.value = false));

function keep(more: Partial<Happening> = {}): void {
  tried.value = true;
  if (wrong.value !== null && more.withdrawn !== true) return;
  log.addHappening({ ...written.value, ...more, id: uuid() });
  open.value = false;
}
const withdraw = () => props.mends && keep({ ...props.mends, replaces: props.mends.id, withdrawn: true });
</script>

<template>
  <ConfirmDialog
    v-model:open="open"
    :title="mends ? `What was written on ${shortDate(mends.on)}` : 'What went wrong?'"
    :wrong="tried ? wrong : null"
    width="640px"
    @closed="emit('closed')"
  >
    <div class="fields">
      <ChoiceField :value="kind" :options="eventKinds" label="What kind of thing" @change="kind = $event" />
      <span class="day"><span>on</span><DateField :value="day" label="The day on which it happened" @change="day = $event" /></span>
      <TextField :value="note" placeholder="In a few words" label="What went wrong, in a few words" :most="500" @change="note = $event" />
      <ChoiceField :value="reach" :options="reaches" label="What it touched" @change="reach = $event" />
      <div v-if="reach === 'arms'" role="group" aria-label="Arms that it touched">
        <Checkbox v-for="arm in experiment.arms" :key="arm.arm" :checked="arms.includes(arm.arm)" @change="arms = toggle(arms, arm.arm)">{{
          arm.name
        }}</Checkbox>
      </div>
      <template v-if="reach === 'units'">
        <BenchView
          v-bind="benchOf(experiment)"
          :blind="experiment.blinded"
          :done="new Set(units)"
          pickable
          @pick="units = toggle(units, $event)"
        />
        <TextField :value="codes" placeholder="P01 P02" :label="`Codes of those that it touched`" :most="2000" @change="typeCodes" />
      </template>
      <TextField
        :value="effect"
        placeholder="What do you think it did? (may stay empty)"
        label="What you think it did"
        :most="500"
        @change="effect = $event"
      />
      <MarginNote v-for="finding in effects" :key="finding.message" :severity="finding.severity">
        For the result: {{ finding.message }} {{ finding.remedy }}</MarginNote
      >
    </div>
    <template #buttons>
      <Button type="primary" @click="keep()">{{ mends ? 'Mend it' : 'Write it down' }}</Button>
      <Button v-if="mends" @click="withdraw">It did not happen: withdraw it</Button>
    </template>
  </ConfirmDialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 10px;
}
.day {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
</style>
