<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { isDate, moveStart, shortDate } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import DateField from '../components/DateField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TextField from '../components/TextField.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';

/** A started plan changes only with a reason, and the report shows it. */
const { experiment, study } = useLoaded();
const documentStore = useDocument();
const history = useHistory();
const what = ref('');
const reason = ref('');
/** Nothing can have been read before it began. */
const tooLate = computed(() => {
  const first = study.value.observations.reduce<string | null>((least, { observedOn }) => {
    const day = observedOn.slice(0, 10);
    return least === null || day < least ? day : least;
  }, null);
  const { startedOn } = experiment.value;
  return first !== null && startedOn !== null && startedOn > first
    ? `Something was read on ${shortDate(first)} already: day 0 cannot be later.`
    : null;
});
const ready = computed(() => what.value.trim() !== '' && reason.value.trim() !== '' && tooLate.value === null);

async function save(): Promise<void> {
  await history.amend(what.value.trim(), reason.value.trim());
  if (!history.amending) [what.value, reason.value] = ['', ''];
}
</script>

<template>
  <div v-if="history.amending" class="bar" role="group" aria-label="Amendment">
    <p><b>You are changing a plan that has started.</b> Nothing is saved until you say what and why.</p>
    <label class="start"
      >Day 0 was
      <DateField
        :value="experiment.startedOn ?? ''"
        label="Day 0"
        error="Choose the day on which everything was sown or planted."
        @change="(day) => isDate(day) && history.edit((now) => moveStart(now, day))"
    /></label>
    <ProblemNote :words="tooLate" />
    <TextField :value="what" placeholder="what you change" label="What you change" @change="what = $event" />
    <TextField :value="reason" placeholder="why" label="Why you change it" @change="reason = $event" />
    <Button type="primary" :disabled="!ready" @click="save">Save the amendment</Button>
    <button type="button" class="link" @click="history.leaveAmendment()">Leave it as it was</button>
    <ProblemNote :words="documentStore.saving === 'wrong' ? (documentStore.wrong[0]?.detail ?? documentStore.message) : null" />
  </div>
  <ul v-if="experiment.plan.amendments.length > 0" class="list small" aria-label="Amendments">
    <li v-for="(item, i) in experiment.plan.amendments" :key="i">
      <b>{{ shortDate(item.on) }}</b>: {{ item.what }}, because {{ item.reason }}
      <details v-if="item.changes.length > 0">
        <summary>{{ item.changes.length === 1 ? 'What was changed' : `All ${item.changes.length} changes` }}</summary>
        <ul>
          <li v-for="change in item.changes" :key="change.what">{{ change.what }}: “{{ change.before }}” became “{{ change.after }}”</li>
        </ul>
      </details>
    </li>
  </ul>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-bottom: 14px;
  padding: 10px 14px;
  border-left: 4px solid var(--pollen);
  background: var(--pollen-wash);
}
.bar p {
  flex-basis: 100%;
  margin: 0;
}
.bar :deep(input) {
  width: 260px;
}
.start {
  flex-basis: 100%;
}
.list {
  margin: 0 0 14px;
  padding-left: 18px;
}
</style>
