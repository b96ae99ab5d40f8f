<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { v7 as uuid } from 'uuid';
import { computed, ref } from 'vue';
import type { EventKind, Unit } from '@fern/core';
import ChoiceField from '../kit/ChoiceField.vue';
import ConfirmDialog from '../kit/ConfirmDialog.vue';
import TextField from '../kit/TextField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';

const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit: Unit }>();
const log = useLog();
const kind = ref<EventKind>('equipment');
type Reach = 'unit' | 'arm' | 'all';
const reach = ref<Reach>('all');
const note = ref('');
const kinds: readonly { value: EventKind; label: string }[] = [
  { value: 'equipment', label: 'a lamp, pump or tool failed' },
  { value: 'pest-or-disease', label: 'pests or disease' },
  { value: 'weather', label: 'heat, cold, wind or rain' },
  { value: 'protocol-change', label: 'something was done differently' },
  { value: 'mix-up', label: 'two were mixed up' },
  { value: 'other', label: 'something else' },
];

const reaches = computed<{ value: Reach; label: string }[]>(() => [
  { value: 'all', label: 'it touched all alike' },
  { value: 'arm', label: 'it touched this arm only' },
  { value: 'unit', label: `it touched ${props.unit.unit} only` },
]);

function keep(): void {
  const arms = reach.value === 'arm' ? [props.unit.arm] : [];
  const units = reach.value === 'unit' ? [props.unit.unit] : [];
  log.addHappening({ id: uuid(), on: today(), kind: kind.value, arms, units, note: note.value.trim() });
  open.value = false;
  note.value = '';
}
</script>

<template>
  <ConfirmDialog v-model:open="open" title="What went wrong?">
    <div class="fields">
      <ChoiceField :value="kind" :options="kinds" label="What kind of thing" @change="kind = $event" />
      <ChoiceField :value="reach" :options="reaches" label="What it touched" @change="reach = $event" />
      <TextField :value="note" placeholder="In a few words" label="What went wrong, in a few words" :most="500" @change="note = $event" />
    </div>
    <template #buttons><Button type="primary" @click="keep">Write it down</Button></template>
  </ConfirmDialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 10px;
}
</style>
