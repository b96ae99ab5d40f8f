<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core';
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import {
  addDays,
  extraItems,
  inRandomOrder,
  isDate,
  kindOf,
  openItems,
  shortDate,
  roundItemsOf,
  tappedItems,
  type RoundItem,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import TwoColumns from '../components/TwoColumns.vue';
import { newSeed } from '../stores/newSeed';
import { useExperiments } from '../stores/experiments';
import { today } from '../stores/today';
import CareDialog from './CareDialog.vue';
import CellMap from './CellMap.vue';
import LostDialog from './LostDialog.vue';
import PhotoDialog from './PhotoDialog.vue';
import SownDialog from './SownDialog.vue';
import RecordSidebar from './RecordSidebar.vue';
import RecordUnit from './RecordUnit.vue';
import RoundDone from './RoundDone.vue';
import ReadingDateDialog from './ReadingDateDialog.vue';
import IncidentDialog from './IncidentDialog.vue';
import { useAnnouncements } from './useAnnouncements';
import { useRound } from './useRound';
import type { ItemPanel } from './recordKeys';

const props = defineProps<{ day: string }>();
const { id, experiment, study } = useLoaded();
const route = useRoute();
onBeforeUnmount(() => void useExperiments().load());

const extra = computed(() => props.day === 'extra');
const measures = computed(() => experiment.value.measures.filter(({ code: measure }) => measure === route.query.measure));
/** Read on this walk, so that one can go back and mend it. */
const visit = ref<ReadonlySet<string>>(new Set());
const alongTheBench = computed<readonly RoundItem[]>(() =>
  extra.value ? extraItems(study.value, measures.value, visit.value) : roundItemsOf(study.value, Number(props.day)),
);
/** Of a fresh random order; null along the bench. */
const seed = useSessionStorage<number | null>(() => `fern-test.order.${id.value}.${props.day}`, null, {
  serializer: { read: (text) => (text === '' ? null : Number(text)), write: (value) => String(value ?? '') },
});
const items = computed(() => (seed.value === null ? alongTheBench.value : inRandomOrder(alongTheBench.value, seed.value)));
const first = computed(() => experiment.value.startedOn ?? today());
const planned = computed(() => (extra.value ? today() : addDays(first.value, Math.floor(Number(props.day) || 0))));
// For as long as this tab is open, so that a walk which is broken off asks once.
const saidOn = useSessionStorage<string | null>(() => `fern-test.read-on.${id.value}.${props.day}`, null);
const readOn = computed(() => {
  if (extra.value) return typeof route.query.on === 'string' && isDate(route.query.on) ? route.query.on : today();
  return planned.value < today() ? saidOn.value : today();
});
const kept = (own: string) => (visit.value = new Set([...visit.value, own]));
const round = useRound({ items, readOn, kept });
const { at, item, left, finished, done, goTo } = round.position;
const { saw } = round.field;
function changeOrder(): void {
  seed.value = seed.value === null ? newSeed() : null;
  const [open] = openItems(items.value);
  goTo(open ? items.value.indexOf(open) : 0);
}
const asksWhen = computed(() => readOn.value === null && item.value !== null && saw.value === null);
const head = computed(() => {
  const on = readOn.value === null ? '' : shortDate(readOn.value);
  return extra.value
    ? `extra walk, ${on}`
    : `day ${props.day}${readOn.value === null || planned.value >= today() ? '' : `, read on ${on}`}`;
});
const here = ref<InstanceType<typeof RecordUnit> | null>(null);
const open = ref<ItemPanel | null>(null);
const panel = (own: ItemPanel) => computed({ get: () => open.value === own, set: (is) => (open.value = is ? own : null) });
const [lostOpen, careOpen, wrongOpen] = [panel('lost'), panel('care'), panel('wrong')];
const [sownOpen, photoOpen] = [panel('sown'), panel('photo')];
/** Cells of one seed each can be tapped on a map, many at once. */
const cells = computed(() => (item.value ? tappedItems(items.value, item.value.measure) : []));
const onMap = ref(false);
const question = computed(() => (item.value ? kindOf(item.value.measure).question(item.value.measure) : ''));
watch(at, () => (open.value = null));
const heard = useAnnouncements({ at, items, experiment, question });
const focus = () => here.value?.focus();
/** The hand goes from the bench back to the number, also where one stood there already. */
async function pick(unit: string): Promise<void> {
  goTo(items.value.findIndex((other) => other.unit.code === unit));
  await nextTick();
  focus();
}
</script>

<template>
  <main id="content" v-if="items.length === 0" class="message">
    <h1>{{ extra ? 'There is nothing to read on this walk.' : `Nothing is read on day ${day}.` }}</h1>
    <RouterLink :to="{ name: 'log', params: { id } }">Go to the log</RouterLink>
  </main>
  <TwoColumns v-else :margin="430" class="walk">
    <RoundDone
      v-if="finished"
      :visit="head"
      :left="left"
      :extra="extra"
      @missing="goTo(items.findIndex(({ reading }) => reading === null))"
      @last="goTo(items.length - 1)"
    />
    <ReadingDateDialog v-else-if="asksWhen" :planned="planned" :within="experiment" @chosen="saidOn = $event" />
    <CellMap
      v-else-if="item && onMap && cells.length > 1"
      :items="cells"
      :question="question"
      :last="round.lastValue"
      @take="round.takeMany"
      @close="onMap = false"
    />
    <RecordUnit
      v-else-if="item"
      ref="here"
      :round="round"
      :item="item"
      :question="question"
      :count="items.length"
      :cells="cells.length"
      :said-on="extra ? null : saidOn"
      @map="onMap = true"
      @open="open = $event"
      @unsay="saidOn = null"
    />
    <template #sidebar>
      <RecordSidebar :head="head" :item="item" :saw="saw" :done="done" :shuffled="seed !== null" @pick="pick" @order="changeOrder" />
    </template>
  </TwoColumns>
  <p class="visually-hidden" role="status" data-testid="heard">{{ heard }}</p>
  <template v-if="item">
    <LostDialog v-model:open="lostOpen" :unit="item.unit.code" :on="readOn ?? undefined" @closed="focus()" />
    <SownDialog v-model:open="sownOpen" :unit="item.unit" :on="readOn ?? undefined" @closed="focus()" />
    <CareDialog v-model:open="careOpen" :unit="item.unit" :on="readOn ?? undefined" @closed="focus()" />
    <PhotoDialog v-model:open="photoOpen" :unit="item.unit" :on="readOn ?? undefined" @closed="focus()" />
    <IncidentDialog v-model:open="wrongOpen" :unit="item.unit" :on="readOn ?? undefined" @closed="focus()" />
  </template>
</template>

<style scoped>
.walk {
  padding-top: 22px;
}
.message {
  padding: 40px 24px;
}
h1 {
  margin: 6px 0 16px;
  font-size: 21px;
}
</style>
