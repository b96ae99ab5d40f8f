<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { Unit } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import NumberField from '../components/NumberField.vue';
import { useLog } from '../stores/log';
import { today } from '../stores/today';

/** Puts right how many were put into a unit: nine where ten were meant. A fact of its own, with the day on which it was found. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit: Unit; on?: string }>();
const emit = defineEmits<{ closed: [] }>();
const { experiment } = useLoaded();
const log = useLog();
const sown = ref<number | null>(null);
watch(open, (is) => is && (sown.value = props.unit.sown), { immediate: true });
const propagule = computed(() => experiment.value.plan.propagule);

function keep(): void {
  if (sown.value !== null && sown.value !== props.unit.sown)
    log.setSown({ unit: props.unit.code, sown: sown.value, on: props.on ?? today() });
  open.value = false;
}
</script>

<template>
  <ConfirmDialog v-model:open="open" :title="`How many ${propagule} are in ${unit.code}?`" @closed="emit('closed')">
    <p>
      The plan says {{ unit.sown ?? 'nothing' }}. What was found is no error: it is kept with its day, and shares are counted out of it.
    </p>
    <NumberField :value="sown" :label="`${propagule} in ${unit.code}`" :min="1" :max="1000000" whole @change="sown = $event" />
    <template #buttons><Button type="primary" @click="keep">Put it right</Button></template>
  </ConfirmDialog>
</template>
