<script setup lang="ts">
import { v7 as uuid } from 'uuid';
import { computed, ref, shallowRef, watch } from 'vue';
import { eventEffects, shortDate, type EventKind, type Incident, type Unit } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import PastDay from './PastDay.vue';
import TextField from '../components/TextField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import EffectNotes from './EffectNotes.vue';
import EntryDialog from './EntryDialog.vue';
import { eventKinds } from './eventKinds';
import { namedBy, targetOf, targetError, type Target } from './target';
import TargetField from './TargetField.vue';
import { wrongDay } from './aboutDay';

/** Writes down what went wrong, on its own day and for whom it touched, or edits what was written; the old words are kept. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ editing?: Incident | null; unit?: Unit | null; picked?: boolean; on?: string }>();
const emit = defineEmits<{ closed: [] }>();
const { experiment, study } = useLoaded();
const log = useLog();

const kind = ref<EventKind>('equipment');
const day = ref('');
// Shallow: what is kept goes on to the browser's store and to a worker, which take no proxies.
const whom = shallowRef<Target>(targetOf(null));
const note = ref('');
const effect = ref('');
function fill(): void {
  const { editing, unit } = props;
  kind.value = editing?.kind ?? 'equipment';
  day.value = editing?.on ?? props.on ?? today();
  whom.value = targetOf(editing ?? null, unit);
  if (props.picked && !editing) whom.value = { ...whom.value, reach: 'units' };
  note.value = editing?.note ?? '';
  effect.value = editing?.effect ?? '';
}
watch(open, (is) => is && fill(), { immediate: true });

const wrong = computed(() => {
  const named = wrongDay(day.value) ?? targetError(experiment.value, whom.value);
  if (named !== null) return named;
  if (kind.value === 'other' && note.value.trim() === '') return 'Say in a few words what happened.';
  return null;
});
const written = computed<Incident>(() => ({
  id: '',
  on: day.value,
  kind: kind.value,
  ...namedBy(whom.value),
  note: note.value.trim(),
  effect: effect.value.trim(),
  replaces: props.editing?.id ?? null,
  withdrawn: false,
}));
const effects = computed(() => (wrong.value === null ? eventEffects(study.value, written.value) : []));
function write(): void {
  log.addIncident({ ...written.value, id: uuid() });
  open.value = false;
}
function withdraw(): void {
  if (props.editing) log.addIncident({ ...props.editing, id: uuid(), replaces: props.editing.id, withdrawn: true });
  open.value = false;
}
</script>

<template>
  <EntryDialog
    v-model:open="open"
    :title="editing ? `What was written on ${shortDate(editing.on)}` : 'What went wrong?'"
    :error="wrong"
    :keeps="editing ? 'Mend it' : 'Write it down'"
    :withdraws="editing ? 'It did not happen: withdraw it' : null"
    @keep="write"
    @withdraw="withdraw"
    @closed="emit('closed')"
  >
    <ChoiceField :value="kind" :options="eventKinds" label="What kind of thing" @change="kind = $event" />
    <PastDay :value="day" label="The day on which it happened" @change="day = $event" />
    <TextField
      :value="note"
      placeholder="In a few words"
      label="What went wrong, in a few words"
      :maxlength="500"
      @change="note = $event"
    />
    <TargetField :whom="whom" label="What it touched" verb="it touched" @change="whom = $event" />
    <TextField
      :value="effect"
      placeholder="What do you think it did? (may stay empty)"
      label="What you think it did"
      :maxlength="500"
      @change="effect = $event"
    />
    <EffectNotes :findings="effects" />
  </EntryDialog>
</template>
