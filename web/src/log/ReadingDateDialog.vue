<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { onMounted, ref } from 'vue';
import { shortDate, type Experiment } from '@fern/core';
import DateField from '../components/DateField.vue';
import { today } from '../stores/today';
import { aboutDay } from './aboutDay';
import DayNote from './DayNote.vue';

/** Of a walk that is taken up after its day: when its readings were taken. Asked once. */
defineProps<{ planned: string; within: Pick<Experiment, 'startedOn' | 'endedOn'> }>();
const emit = defineEmits<{ chosen: [on: string] }>();
const now = today();
const other = ref('');
const root = ref<HTMLElement | null>(null);
onMounted(() => root.value?.querySelector('button')?.focus());
</script>

<template>
  <section ref="root">
    <h1>When were these read?</h1>
    <p class="soft">
      They were planned for {{ shortDate(planned) }}. A reading stands on the day on which it was taken, not on that on which it is typed
      in.
    </p>
    <p class="thumb-buttons">
      <Button size="large" type="primary" @click="emit('chosen', planned)">On {{ shortDate(planned) }}, as planned</Button>
      <Button size="large" @click="emit('chosen', now)">Today, {{ shortDate(now) }}</Button>
    </p>
    <p class="other">
      <span>On another day</span>
      <DateField :value="other" label="The day on which they were read" error="" @change="other = $event" />
      <Button :disabled="aboutDay(other, null) !== null" @click="emit('chosen', other)">Read on this day</Button>
      <DayNote v-if="other !== ''" :day="other" :within="within" />
    </p>
  </section>
</template>

<style scoped>
h1 {
  margin: 6px 0 12px;
  font-size: 21px;
}
.other {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-top: 18px;
}
</style>
