<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import { isDate } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import ConfirmDialog from '../kit/ConfirmDialog.vue';
import PastDay from './PastDay.vue';
import TextField from '../kit/TextField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';

const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit: string; on?: string }>();
const emit = defineEmits<{ closed: [] }>();
const { experiment } = useLoaded();
const log = useLog();
const reason = ref('');
const day = ref('');

const current = computed(() => experiment.value.units.find((unit) => unit.unit === props.unit));
const gone = computed(() => current.value?.status !== 'active');
watch(
  open,
  (is) => {
    if (!is) return;
    reason.value = current.value?.statusReason ?? '';
    day.value = current.value?.lostOn ?? props.on ?? today();
  },
  { immediate: true },
);
const wrong = computed(() => (isDate(day.value) && day.value <= today() ? null : 'Choose the day on which it happened: today or before.'));

function mark(status: 'lost' | 'excluded' | 'active'): void {
  if (status !== 'active' && wrong.value !== null) return;
  const back = status === 'active';
  log.setUnit({ unit: props.unit, status, statusReason: back ? null : reason.value.trim() || null, lostOn: back ? null : day.value });
  open.value = false;
}
</script>

<template>
  <ConfirmDialog v-model:open="open" :title="`What happened to ${unit}?`" :wrong="wrong" @closed="emit('closed')">
    <p>Lost: gone or ruined. Its readings up to now stay in the curves. A missing seed is not a lost unit: it stays in the number sown.</p>
    <p>Excluded: it should never count, because nobody knows which it is or it was set up wrongly. The result is given with it as well.</p>
    <TextField :value="reason" placeholder="What happened, in a few words" label="What happened" @change="reason = $event" />
    <p><PastDay :value="day" label="The day on which it happened" @change="day = $event" /></p>
    <template #buttons>
      <Button type="primary" @click="mark('lost')">Mark {{ unit }} as lost</Button>
      <Button @click="mark('excluded')">Exclude {{ unit }}</Button>
      <Button v-if="gone" @click="mark('active')">Put {{ unit }} back</Button>
    </template>
  </ConfirmDialog>
</template>
