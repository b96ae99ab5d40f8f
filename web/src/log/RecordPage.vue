<script setup lang="ts">
import { upperFirst } from 'lodash-es';
import { Button } from 'ant-design-vue';
import { onKeyStroke, useSessionStorage } from '@vueuse/core';
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import {
  addDays,
  extraItems,
  hasCategories,
  inRandomOrder,
  isDate,
  kindOf,
  noneWords,
  openItems,
  readName,
  shortDate,
  roundItemsOf,
  tappedItems,
  type RoundItem,
} from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ProblemNote from '../components/ProblemNote.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { newSeed } from '../stores/newSeed';
import { useExperiments } from '../stores/experiments';
import { today } from '../stores/today';
import CareDialog from './CareDialog.vue';
import CategoryEntry from './CategoryEntry.vue';
import CellMap from './CellMap.vue';
import LostDialog from './LostDialog.vue';
import PhotoDialog from './PhotoDialog.vue';
import SownDialog from './SownDialog.vue';
import RecordButtons from './RecordButtons.vue';
import RecordEntry from './RecordEntry.vue';
import RecordSidebar from './RecordSidebar.vue';
import RoundDone from './RoundDone.vue';
import ReadingDateDialog from './ReadingDateDialog.vue';
import IncidentDialog from './IncidentDialog.vue';
import { placeWords } from './placeWords';
import { useAnnouncements } from './useAnnouncements';
import { useRound, readingWords } from './useRound';
import { pressRecordKey, type RecordPanel } from './recordKeys';

const props = defineProps<{ day: string }>();
const { id, experiment, study } = useLoaded();
const route = useRoute();
onBeforeUnmount(() => void useExperiments().load());

const extra = computed(() => props.day === 'extra');
const measures = computed(() => experiment.value.measures.filter(({ measure }) => measure === route.query.measure));
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
const {
  at,
  item,
  saw,
  counts: seenCounts,
  before,
  typed,
  note,
  wrong,
  said,
  asked,
  left,
  finished,
  done,
  goTo,
  take,
  takeCounts,
  takeMany,
  lastOf,
  takeAbsent,
  noMore,
  undo,
  tally,
  again,
} = round;
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
const entry = ref<InstanceType<typeof RecordEntry> | null>(null);
const open = ref<RecordPanel | null>(null);
const panel = (own: RecordPanel) => computed({ get: () => open.value === own, set: (is) => (open.value = is ? own : null) });
const [lostOpen, careOpen, wrongOpen] = [panel('lost'), panel('care'), panel('wrong')];
const [sownOpen, photoOpen] = [panel('sown'), panel('photo')];
const word = computed(() => experiment.value.plan.unitWord);
const kind = computed(() => (item.value ? kindOf(item.value.measure) : null));
const choices = computed(() => (item.value && kind.value ? kind.value.choices(item.value.measure) : []));
/** What stood of a count by category; null where one number is read. */
const counted = computed(() => (item.value && hasCategories(item.value.measure) ? seenCounts.value : null));
/** Cells of one seed each can be tapped on a map, many at once. */
const cells = computed(() => (item.value ? tappedItems(items.value, item.value.measure) : []));
const onMap = ref(false);
const counts = ref<InstanceType<typeof CategoryEntry> | null>(null);
const next = () => (counted.value ? counts.value?.take() : take(asked.value.length > 0));
const none = computed(() => (item.value ? upperFirst(noneWords(item.value.measure)) : ''));
const question = computed(() => (item.value && kind.value ? kind.value.question(item.value.measure) : ''));
/** What someone else has read here stands beside the field, never in it. */
const heardWords = computed(() => {
  const [here, theirs] = [item.value, round.heard.value];
  if (!here || !theirs) return null;
  const who = `${theirs.observer ?? 'Someone'} has just read ${readName(here.unit, here.measure)}`;
  return `${who}: ${readingWords(theirs, here.measure)}. A number of yours is kept beside it; Enter alone leaves theirs.`;
});
watch(at, () => (open.value = null));
const heard = useAnnouncements({ at, items, experiment, question });
const noteOpen = computed(() => open.value === 'note' || note.value !== '');
const noteField = ref<HTMLInputElement | null>(null);
const focus = () => (counted.value ? counts.value : entry.value)?.focus();

async function openPanel(own: RecordPanel): Promise<void> {
  open.value = own;
  await nextTick();
  if (own === 'note') noteField.value?.focus();
}
// Wherever the focus is: a hand that has just pressed a button types on.
onKeyStroke((event) => {
  if (item.value === null || asksWhen.value || onMap.value) return;
  const tallies = kind.value?.entry === 'tally';
  const isOurs = pressRecordKey(event, { round, choices: choices.value, tallies, open: (own) => void openPanel(own), focus });
  if (isOurs) event.preventDefault();
});
/** A press of a button leaves the focus where it was: on the number. */
function stayOnNumber(event: MouseEvent): void {
  if ((event.target as Element).closest('button')) event.preventDefault();
}
/** The hand goes from the bench back to the number, also where one stood there already. */
async function pick(unit: string): Promise<void> {
  goTo(items.value.findIndex((other) => other.unit.unit === unit));
  await nextTick();
  focus();
}
function readAgain(): void {
  again();
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
    <ReadingDateDialog v-else-if="asksWhen" :planned="planned" :first="first" @chosen="saidOn = $event" />
    <CellMap
      v-else-if="item && onMap && cells.length > 1"
      :items="cells"
      :question="question"
      :last="lastOf"
      @take="takeMany"
      @close="onMap = false"
    />
    <section v-else-if="item" @mousedown="stayOnNumber">
      <div id="walk-where" class="where">
        <span class="code mono" data-testid="unit">{{ readName(item.unit, item.measure) }}</span>
        <b v-if="item.plant !== null">plant {{ item.plant }}</b>
        <span class="soft"
          >{{ placeWords(experiment, item.unit)
          }}<template v-if="item.unit.sown !== null && kind?.ofSown">
            ·
            <button type="button" class="link" :title="`Put right how many ${experiment.plan.putIn} are in it`" @click="open = 'sown'">
              {{ item.unit.sown }} sown
            </button></template
          ></span
        >
        <span class="soft right"
          >{{ at + 1 }} of {{ items.length
          }}<template v-if="saidOn && !extra">
            · read on {{ shortDate(saidOn) }} <button type="button" class="link" @click="saidOn = null">change</button></template
          ></span
        >
      </div>
      <h1>{{ question }}</h1>
      <p v-if="cells.length > 1">
        <button type="button" class="link" @click="onMap = true">Tap the map instead: {{ cells.length }} at once</button>
      </p>
      <CategoryEntry
        v-if="counted"
        ref="counts"
        :unit="item.unit"
        :measure="item.measure"
        :before="counted"
        :question="question"
        @take="takeCounts"
      />
      <RecordEntry
        v-else
        ref="entry"
        v-model:typed="typed"
        :unit="item.unit"
        :measure="item.measure"
        :plant="item.plant"
        :before="before"
        :question="question"
        :invalid="wrong !== null"
        @tally="tally"
        @choose="take()"
        @typing="asked = []"
      />
      <ProblemNote :words="wrong"
        ><button
          v-if="kind?.ofSown && item.unit.sown !== null && Number(typed) > item.unit.sown"
          type="button"
          class="link"
          @click="open = 'sown'"
        >
          Were more sown than that? Put it right
        </button></ProblemNote
      >
      <p v-if="heardWords" class="heard" role="status">{{ heardWords }}</p>
      <p v-if="said" class="soft" role="status">{{ said }}</p>
      <div v-if="asked.length > 0" class="asked" role="alert">
        <p v-for="doubt in asked" :key="doubt.message">{{ doubt.message }}</p>
        <Button @click="readAgain">Read it again</Button>
        <button type="button" class="link" @click="take(true)">It is right: {{ typed }}</button>
      </div>
      <label v-if="noteOpen" class="note"
        >Note<input ref="noteField" v-model="note" data-note :aria-label="`Note on ${item.unit.unit}`" maxlength="500"
      /></label>
      <RecordButtons
        :next="item.measure.by === 'container' ? '' : item.plant === null ? word : 'plant'"
        :is-plant="item.plant !== null"
        :none="none"
        :is-first="at === 0"
        @next="next"
        @no-more="noMore"
        @absent="takeAbsent"
        @open="openPanel"
        @undo="undo"
      />
    </section>
    <template #sidebar>
      <RecordSidebar :head="head" :item="item" :saw="saw" :done="done" :shuffled="seed !== null" @pick="pick" @order="changeOrder" />
    </template>
  </TwoColumns>
  <p class="visually-hidden" role="status" data-testid="heard">{{ heard }}</p>
  <template v-if="item">
    <LostDialog v-model:open="lostOpen" :unit="item.unit.unit" :on="readOn ?? undefined" @closed="focus()" />
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
.where {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
}
.code {
  font-size: 46px;
  font-weight: 500;
  line-height: 1.2;
}
.right {
  margin-left: auto;
}
h1 {
  margin: 6px 0 16px;
  font-size: 21px;
}
.asked {
  max-width: 640px;
  margin: 14px 0 0;
  padding: 10px 14px;
  border-radius: var(--radius);
  background: var(--pollen-wash);
}
.heard {
  margin: 12px 0 0;
  padding: 6px 12px;
  border-left: 4px solid var(--pollen);
}
.asked .link {
  margin-left: 16px;
}
.note {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 16px;
}
.note input {
  flex: 1;
  max-width: 520px;
  height: 44px;
  padding: 0 12px;
  border: 1.5px solid var(--line);
  border-radius: 7px;
  font: inherit;
}
/* The question stays in sight above what is typed. */
section :deep(input) {
  scroll-margin-top: 130px;
}
@media (max-height: 400px) {
  .walk .where {
    top: 0;
  }
  .walk .code {
    font-size: 26px;
  }
}
@media (max-width: 600px) {
  .where {
    position: sticky;
    z-index: 5;
    top: 52px;
    background: var(--ground);
  }
  .code {
    font-size: 34px;
  }
}
</style>
