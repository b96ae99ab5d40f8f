<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref, shallowRef } from 'vue';
import { careToTell, careTotals, careWords, earlierWords, shortDate, readsBlind, type Care } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { useDocument } from '../stores/document';
import CareDialog from './CareDialog.vue';

/** Water and feed so far: what each arm got in all, the last entries, and a way to write down more. */
const props = defineProps<{ asked?: boolean; given?: { amount: number; unit: string } | null }>();
const SHOWN = 5;
const { experiment, study } = useLoaded();
const documentStore = useDocument();
const open = ref(props.asked);
const all = ref(false);
const editing = shallowRef<Care | null>(null);
const entries = computed(() => [...careToTell(study.value)].reverse());
const shown = computed(() => (all.value ? entries.value : entries.value.slice(0, SHOWN)));
const round = (value: number) => Math.round(value * 10) / 10;
const totals = computed(() =>
  (['water', 'feed'] as const).flatMap((kind) => {
    const found = careTotals(study.value, kind);
    if (found === null) return [];
    if (readsBlind(experiment.value)) return [`${kind} was given`];
    return [`${kind}: ${found.arms.map(({ name, each }) => `${name} ${round(each)} ${found.unit} each`).join(', ')}`];
  }),
);
function write(care: Care | null): void {
  editing.value = care;
  open.value = true;
}
</script>

<template>
  <h2 class="later">Care</h2>
  <p v-for="total in totals" :key="total" class="small"><b>In all</b> {{ total }}.</p>
  <ul v-if="shown.length > 0" class="bare-list small">
    <li v-for="care in shown" :key="care.id">
      <b>{{ shortDate(care.on) }}</b> {{ careWords(experiment, care) }}
      <button type="button" class="link" @click="write(care)">Mend</button>
      <span v-for="old in earlierWords(study.care, care)" :key="old.id" class="soft old"
        >before: {{ shortDate(old.on) }}, {{ careWords(experiment, old) }}</span
      >
    </li>
  </ul>
  <p v-else class="soft small">Nothing written down so far. As last time is two taps.</p>
  <p v-if="entries.length > SHOWN">
    <button type="button" class="link" @click="all = !all">{{ all ? 'Show the last ones' : `Show all ${entries.length}` }}</button>
  </p>
  <p v-if="documentStore.started"><Button @click="write(null)">Water or feed</Button></p>
  <CareDialog v-model:open="open" :editing="editing" :given="given" />
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin-bottom: 10px;
}
.old {
  display: block;
}
</style>
