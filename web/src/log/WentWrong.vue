<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref, shallowRef } from 'vue';
import { earlierWords, liveHappenings, shortDate, type Happening } from '@fern/core';
import { useLoaded } from '../frame/loaded';
import MarginNote from '../kit/MarginNote.vue';
import { useDocument } from '../stores/document';
import { eventKinds } from './eventKinds';
import WrongDialog from './WrongDialog.vue';

/** What went wrong so far, each entry to be mended, and a way to write down more. */
const props = defineProps<{ asked?: boolean }>();
const { study } = useLoaded();
const document = useDocument();
const open = ref(props.asked);
const mends = shallowRef<Happening | null>(null);
const wordsOf = ({ note, kind }: Happening) => note || (eventKinds.find(({ value }) => value === kind)?.label ?? kind);

function write(happening: Happening | null): void {
  mends.value = happening;
  open.value = true;
}
</script>

<template>
  <h2 class="later">What went wrong</h2>
  <MarginNote v-for="event in liveHappenings(study)" :key="event.id" severity="caution"
    ><b>{{ shortDate(event.on) }}</b> {{ wordsOf(event)
    }}<template v-if="event.arms.length + event.units.length > 0"> ({{ [...event.arms, ...event.units].join(', ') }})</template
    ><template v-if="event.effect">; {{ event.effect }}</template
    >{{ ' ' }}<button type="button" class="link" @click="write(event)">Mend</button>
    <span v-for="old in earlierWords(study.happenings, event)" :key="old.id" class="soft small old"
      >before: {{ shortDate(old.on) }}, {{ wordsOf(old) }}</span
    ></MarginNote
  >
  <MarginNote v-if="liveHappenings(study).length === 0" severity="fine">Nothing so far.</MarginNote>
  <p v-if="document.started"><Button @click="write(null)">Write down what went wrong</Button></p>
  <WrongDialog v-model:open="open" :mends="mends" />
</template>

<style scoped>
.old {
  display: block;
}
</style>
