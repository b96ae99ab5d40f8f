<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { byCode, newlySaid } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import EffectNotes from './EffectNotes.vue';
import PastDay from './PastDay.vue';
import TextField from '../components/TextField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';
import { wrongDay } from './aboutDay';

const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit?: string; on?: string }>();
const emit = defineEmits<{ closed: [] }>();
const { experiment, study } = useLoaded();
const log = useLog();
const reason = ref('');
const day = ref('');

/** The one at hand, or whichever is chosen. */
const chosen = ref('');
const code = computed(() => props.unit ?? chosen.value);
const codes = computed(() => experiment.value.units.map(({ code: unit }) => ({ value: unit, label: unit })));
const current = computed(() => byCode(experiment.value.units, code.value));
const gone = computed(() => current.value !== undefined && current.value.status !== 'active');
watch(
  [open, code],
  ([is]) => {
    if (!is) return;
    reason.value = current.value?.statusReason ?? '';
    day.value = current.value?.lostOn ?? props.on ?? today();
  },
  { immediate: true },
);
const wrong = computed(() => {
  if (current.value === undefined) return `Choose which ${experiment.value.plan.unitNoun}.`;
  return wrongDay(day.value);
});
/** As it would be with this one lost. */
const effects = computed(() => {
  const units = experiment.value.units.map((unit) => (unit.code === code.value ? { ...unit, status: 'lost' as const } : unit));
  return newlySaid(study.value, { ...study.value, experiment: { ...experiment.value, units } });
});
const tried = ref(false);
watch(open, () => (tried.value = false));

function mark(status: 'lost' | 'excluded' | 'active'): void {
  tried.value = true;
  if (current.value === undefined || (status !== 'active' && wrong.value !== null)) return;
  const back = status === 'active';
  log.setUnit({ unit: code.value, status, statusReason: back ? null : reason.value.trim() || null, lostOn: back ? null : day.value });
  open.value = false;
}
</script>

<template>
  <ConfirmDialog
    v-model:open="open"
    :title="unit ? `What happened to ${unit}?` : 'What was lost?'"
    :error="tried ? wrong : null"
    @closed="emit('closed')"
  >
    <p v-if="unit === undefined">
      <ChoiceField :value="chosen" :options="codes" :label="`Which ${experiment.plan.unitNoun}`" @change="chosen = $event" />
    </p>
    <p>
      Lost: gone or ruined. Its readings up to now stay in the curves. A missing seed is not a lost {{ experiment.plan.unitNoun }}: it stays
      in the number sown.
    </p>
    <p>Excluded: it should never count, because nobody knows which it is or it was set up wrongly. The result is given with it as well.</p>
    <TextField :value="reason" placeholder="What happened, in a few words" label="What happened" @change="reason = $event" />
    <EffectNotes :findings="effects" />
    <p><PastDay :value="day" label="The day on which it happened" @change="day = $event" /></p>
    <template #buttons>
      <Button type="primary" @click="mark('lost')">Mark {{ code }} as lost</Button>
      <Button @click="mark('excluded')">Exclude {{ code }}</Button>
      <Button v-if="gone" @click="mark('active')">Put {{ code }} back</Button>
    </template>
  </ConfirmDialog>
</template>
