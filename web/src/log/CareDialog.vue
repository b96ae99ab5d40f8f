<script setup lang="ts">
import { v7 as uuid } from 'uuid';
import { computed, ref, shallowRef, watch } from 'vue';
import { blankOf, careFields, liveCare, newlySaid, plural, shortDate, type Care, type Unit } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import MomentField from '../components/MomentField.vue';
import NumberField from '../components/NumberField.vue';
import EffectNotes from './EffectNotes.vue';
import EntryDialog from './EntryDialog.vue';
import PastDay from './PastDay.vue';
import TextField from '../components/TextField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import { namedBy, targetOf, targetError, type Target } from './target';
import TargetField from './TargetField.vue';
import { wrongDay } from './aboutDay';

/** Writes down what was given, or a step that was done: as last time in two taps, for any day and any units; or edits an entry. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{
  editing?: Care | null;
  unit?: Unit | null;
  on?: string;
  step?: string | null;
  left?: readonly string[];
  given?: { amount: number; unit: string } | null;
}>();
const emit = defineEmits<{ closed: [] }>();
const { experiment, study } = useLoaded();
const log = useLog();

const kind = ref<Care['kind']>('water');
const day = ref('');
const amount = ref<number | null>(null);
const amountUnit = ref('mL');
const inAll = ref(false);
/** When a step really began and ended; null where nobody looked at the clock. */
const began = ref<string | null>(null);
const ended = ref<string | null>(null);
const note = ref('');
// Shallow: what is kept goes on to the browser's store, which takes no proxies.
const whom = shallowRef<Target>(targetOf(null));
const kinds: readonly { value: Care['kind']; label: string }[] = [
  { value: 'water', label: 'watered' },
  { value: 'feed', label: 'fed' },
  { value: 'other', label: 'something else' },
];
const lastOf = (own: Care['kind']) => liveCare(study.value).findLast((entry) => entry.kind === own && entry.step === null) ?? null;

/** Takes over how much an entry gave. What an arm got as a whole stays so much in all, and does not become as much for each. */
function takeAmount(entry: Care | null): void {
  inAll.value = entry !== null && entry.units.length === 0 && entry.arms.length > 0;
  amount.value = entry?.amount == null ? null : entry.amount * (inAll.value ? entry.arms.length : 1);
  amountUnit.value = entry?.amountUnit ?? 'mL';
}

/** As last time: of the same kind. */
function repeat(own: Care['kind']): void {
  const last = lastOf(own);
  kind.value = own;
  takeAmount(last);
  note.value = own === 'other' ? (last?.note ?? '') : '';
  whom.value = props.unit ? { reach: 'units', arms: [], units: [props.unit.code] } : targetOf(last);
}
function fill(): void {
  const { editing, step } = props;
  day.value = editing?.on ?? props.on ?? today();
  began.value = editing?.began ?? null;
  ended.value = editing?.ended ?? null;
  if (!editing) {
    repeat(step ? 'other' : 'water');
    if (props.given && Number.isFinite(props.given.amount)) {
      amount.value = props.given.amount;
      amountUnit.value = props.given.unit;
    }
    if (step) {
      note.value = '';
      whom.value = targetOf({ units: props.left ?? [], arms: experiment.value.plan.stages.find(({ name }) => name === step)?.arms ?? [] });
    }
    return;
  }
  kind.value = editing.kind;
  takeAmount(editing);
  note.value = editing.note ?? '';
  whom.value = targetOf(editing);
}
watch(open, (is) => is && fill(), { immediate: true });

const doneStep = computed(() => props.editing?.step ?? props.step ?? null);
/** The units that it goes to, so that an amount is always one for each. */
const units = computed(() => {
  const { arms, units: picked } = namedBy(whom.value);
  const there = experiment.value.units.filter(({ status }) => status === 'active');
  if (whom.value.reach === 'units') return picked;
  return there.filter(({ arm }) => arms.length === 0 || arms.includes(arm)).map(({ code: unit }) => unit);
});
const each = computed(() => {
  if (amount.value === null || !inAll.value) return amount.value;
  return Number((amount.value / Math.max(1, units.value.length)).toPrecision(6));
});
const wrong = computed(() => {
  const named = wrongDay(day.value) ?? targetError(experiment.value, whom.value);
  if (named !== null) return named;
  if (began.value !== null && ended.value !== null && ended.value < began.value) return 'It ended before it began. Mend one of the two.';
  if (ended.value !== null && began.value === null) return 'Say when it began as well, or leave both empty.';
  if ([began.value, ended.value].some((moment) => moment !== null && moment > new Date().toISOString()))
    return 'That moment has not come yet.';
  if (kind.value === 'other' && note.value.trim() === '' && doneStep.value === null) return 'Say in a few words what was done.';
  return null;
});
const word = computed(() => experiment.value.plan.unitNoun);
const count = computed(() => `${units.value.length} ${units.value.length === 1 ? word.value : plural(word.value)}`);

/** The entry as it stands in the fields. */
const written = computed<Care>(() => {
  const all = whom.value.reach === 'all' && doneStep.value === null && each.value === null;
  return {
    ...blankOf(careFields),
    on: day.value,
    kind: kind.value,
    units: all || (whom.value.reach === 'all' && units.value.length === experiment.value.units.length) ? [] : units.value,
    amount: each.value,
    amountUnit: each.value === null ? null : amountUnit.value.trim() || null,
    note: note.value.trim() || null,
    step: doneStep.value,
    began: began.value,
    ended: ended.value,
    replaces: props.editing?.id ?? null,
  };
});
const effects = computed(() =>
  wrong.value === null ? newlySaid(study.value, { ...study.value, care: [...study.value.care, written.value] }) : [],
);
function write(): void {
  log.addCare({ ...written.value, id: uuid() });
  open.value = false;
}
function withdraw(): void {
  if (props.editing) log.addCare({ ...props.editing, id: uuid(), replaces: props.editing.id, withdrawn: true });
  open.value = false;
}
</script>

<template>
  <EntryDialog
    v-model:open="open"
    :title="editing ? `What was written on ${shortDate(editing.on)}` : doneStep ? `Done: ${doneStep}` : 'Water, feed and other care'"
    :error="wrong"
    :keeps="`${editing ? 'Mend it' : 'Write it down'} for ${count}`"
    :withdraws="editing ? 'It was not done: withdraw it' : null"
    @keep="write"
    @withdraw="withdraw"
    @closed="emit('closed')"
  >
    <ChoiceField
      v-if="doneStep === null"
      :value="kind"
      :options="kinds"
      label="What was given"
      @change="editing ? (kind = $event) : repeat($event)"
    />
    <PastDay :value="day" label="The day on which it was done" @change="day = $event" />
    <p v-if="doneStep !== null" class="amount">
      <span>from</span> <MomentField :value="began" label="When it began" @change="began = $event" /> <span>to</span>
      <MomentField :value="ended" label="When it ended" @change="ended = $event" />
      <span class="soft small">may stay empty</span>
    </p>
    <TargetField :whom="whom" label="Who got it" :verb="doneStep ? 'done to' : 'given to'" @change="whom = $event" />
    <p class="amount">
      <NumberField :value="amount" label="How much" :min="0" :max="1e6" optional :width="90" @change="amount = $event" />
      <TextField :value="amountUnit" label="Unit of the amount" class="unit" :maxlength="20" @change="amountUnit = $event" />
      <label><input v-model="inAll" type="radio" :value="false" /> to each</label>
      <label><input v-model="inAll" type="radio" :value="true" /> in all</label>
      <span v-if="inAll && each !== null" class="soft small">that is {{ each }} {{ amountUnit }} for each {{ word }}</span>
    </p>
    <TextField
      :value="note"
      :placeholder="kind === 'other' ? 'What was done, in a few words' : 'Note (may stay empty)'"
      label="Note on what was given"
      :maxlength="500"
      @change="note = $event"
    />
    <EffectNotes :findings="effects" />
  </EntryDialog>
</template>

<style scoped>
.amount {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: baseline;
  margin: 0;
}
.unit {
  width: 80px;
}
</style>
