<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useLoaded } from '../frame/loaded';
import ConfirmDialog from '../kit/ConfirmDialog.vue';
import TextField from '../kit/TextField.vue';
import { useLog } from '../stores/log';

const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit: string }>();
const { experiment } = useLoaded();
const log = useLog();
const reason = ref('');

const gone = computed(() => experiment.value.units.find((unit) => unit.unit === props.unit)?.status !== 'active');

function mark(status: 'lost' | 'excluded' | 'active'): void {
  log.setUnit({ unit: props.unit, status, statusReason: reason.value.trim() || null });
  open.value = false;
  reason.value = '';
}
</script>

<template>
  <ConfirmDialog v-model:open="open" :title="`What happened to ${unit}?`">
    <p>Lost: gone or ruined. Its readings up to now stay in the curves. A missing seed is not a lost unit: it stays in the number sown.</p>
    <p>Excluded: it should never count, because nobody knows which it is or it was set up wrongly. The result is given with it as well.</p>
    <TextField :value="reason" placeholder="What happened, in a few words" label="What happened" @change="reason = $event" />
    <template #buttons>
      <Button type="primary" @click="mark('lost')">Mark {{ unit }} as lost</Button>
      <Button @click="mark('excluded')">Exclude {{ unit }}</Button>
      <Button v-if="gone" @click="mark('active')">Put {{ unit }} back</Button>
    </template>
  </ConfirmDialog>
</template>
