<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { kindOf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import ChoiceField from '../components/ChoiceField.vue';
import DateField from '../components/DateField.vue';
import { today } from '../stores/today';
import { aboutDay } from './aboutDay';
import DayNote from './DayNote.vue';

/** Begins a walk that is not planned: which measure, on which day. What was read before stays; pickings add up. */
const open = defineModel<boolean>('open', { required: true });
const { id, experiment } = useLoaded();
const router = useRouter();
const read = computed(() => experiment.value.measures.filter((measure) => kindOf(measure).entry !== 'none'));
const chosen = ref<string | null>(null);
const measure = computed(
  () => read.value.find((own) => own.code === chosen.value) ?? read.value.find((own) => kindOf(own).adds) ?? read.value[0],
);
const on = ref(today());
const possible = computed(() => aboutDay(on.value, null) === null);

function begin(): void {
  if (!measure.value) return;
  open.value = false;
  void router.push({ name: 'walk', params: { id: id.value, day: 'extra' }, query: { measure: measure.value.code, on: on.value } });
}
</script>

<template>
  <ConfirmDialog v-model:open="open" title="An extra walk">
    <p>
      For what the plan does not ask: a picking on a day of its own, a look in between. Pickings are added to the total; nothing that was
      read before is changed.
    </p>
    <div class="fields">
      <ChoiceField
        :value="measure?.code"
        :options="read.map((own) => ({ value: own.code, label: own.name }))"
        label="What is read"
        @change="chosen = $event"
      />
      <DateField :value="on" label="The day of the walk" @change="on = $event" />
      <DayNote :day="on" :within="experiment" />
    </div>
    <template #buttons><Button type="primary" :disabled="!possible || !measure" @click="begin">Go along the bench</Button></template>
  </ConfirmDialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 10px;
  justify-items: start;
}
</style>
