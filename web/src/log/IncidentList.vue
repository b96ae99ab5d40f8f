<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref, shallowRef } from 'vue';
import { earlierWords, liveIncidents, shortDate, type Incident } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import Callout from '../components/Callout.vue';
import { useDocument } from '../stores/document';
import { eventKinds } from './eventKinds';
import IncidentDialog from './IncidentDialog.vue';

/** What went wrong so far, each entry to be mended, and a way to write down more. */
const props = defineProps<{ asked?: boolean }>();
const { study } = useLoaded();
const documentStore = useDocument();
const open = ref(props.asked);
const editing = shallowRef<Incident | null>(null);
const wordsOf = ({ note, kind }: Incident) => note || (eventKinds.find(({ value }) => value === kind)?.label ?? kind);

function write(incident: Incident | null): void {
  editing.value = incident;
  open.value = true;
}
</script>

<template>
  <h2 class="later">What went wrong</h2>
  <Callout v-for="event in liveIncidents(study)" :key="event.id" severity="caution"
    ><b>{{ shortDate(event.on) }}</b> {{ wordsOf(event)
    }}<template v-if="event.arms.length + event.units.length > 0"> ({{ [...event.arms, ...event.units].join(', ') }})</template
    ><template v-if="event.effect">; {{ event.effect }}</template
    >{{ ' ' }}<button type="button" class="link" @click="write(event)">Mend</button>
    <span v-for="old in earlierWords(study.incidents, event)" :key="old.id" class="soft small old"
      >before: {{ shortDate(old.on) }}, {{ wordsOf(old) }}</span
    ></Callout
  >
  <Callout v-if="liveIncidents(study).length === 0" severity="fine">Nothing so far.</Callout>
  <p v-if="documentStore.started"><Button @click="write(null)">Write down what went wrong</Button></p>
  <IncidentDialog v-model:open="open" :editing="editing" />
</template>

<style scoped>
.old {
  display: block;
}
</style>
