<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { shortDate } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import ProblemNote from '../kit/ProblemNote.vue';
import TextField from '../kit/TextField.vue';
import { useDocument } from '../stores/document';
import { useHistory } from '../stores/history';

/** A started plan changes only with a reason, and the report shows it. */
const { experiment } = useLoaded();
const document = useDocument();
const history = useHistory();
const what = ref('');
const reason = ref('');
const ready = computed(() => what.value.trim() !== '' && reason.value.trim() !== '');

async function save(): Promise<void> {
  await history.amend(what.value.trim(), reason.value.trim());
  if (!history.amending) [what.value, reason.value] = ['', ''];
}
</script>

<template>
  <div v-if="history.amending" class="bar" role="group" aria-label="Amendment">
    <p><b>You are changing a plan that has started.</b> Nothing is saved until you say what and why.</p>
    <TextField :value="what" placeholder="what you change" label="What you change" @change="what = $event" />
    <TextField :value="reason" placeholder="why" label="Why you change it" @change="reason = $event" />
    <Button type="primary" :disabled="!ready" @click="save">Save the amendment</Button>
    <button type="button" class="link" @click="history.leaveAmendment()">Leave it as it was</button>
    <ProblemNote :words="document.saving === 'wrong' ? (document.wrong[0]?.detail ?? document.message) : null" />
  </div>
  <ul v-if="experiment.plan.amendments.length > 0" class="list small" aria-label="Amendments">
    <li v-for="(item, i) in experiment.plan.amendments" :key="i">
      <b>{{ shortDate(item.on) }}</b>: {{ item.what }}, because {{ item.reason }}
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
.list {
  margin: 0 0 14px;
  padding-left: 18px;
}
</style>
