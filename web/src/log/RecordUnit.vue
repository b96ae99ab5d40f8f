<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { onKeyStroke } from '@vueuse/core';
import { upperFirst } from 'lodash-es';
import { computed, nextTick, ref, watch } from 'vue';
import { hasCategories, kindOf, noneWords, readName, shortDate, type RoundItem } from '@fern/core';
import ProblemNote from '../components/ProblemNote.vue';
import { useLoaded } from '../layout/loaded';
import CategoryEntry from './CategoryEntry.vue';
import { placeWords } from './placeWords';
import { readingWords } from './readingWords';
import RecordButtons from './RecordButtons.vue';
import RecordEntry from './RecordEntry.vue';
import { pressRecordKey, type ItemPanel, type RecordPanel } from './recordKeys';
import type { RecordingRound } from './useRound';

/** One item of a round: which unit it is, what is asked, the number, and what else can be said of it. */
const props = defineProps<{
  round: RecordingRound;
  item: RoundItem;
  question: string;
  /** Items of the round. */
  count: number;
  /** Cells that could be tapped on a map instead. */
  cells: number;
  /** The day that was given for a late round; null where it needs none. */
  saidOn: string | null;
}>();
const emit = defineEmits<{ map: []; open: [panel: ItemPanel]; unsay: [] }>();
const { experiment } = useLoaded();
// One round for as long as the page is open.
const { field, position } = props.round;
const { typed, note, wrong, said, asked, before } = field;
const { at } = position;
const entry = ref<InstanceType<typeof RecordEntry> | null>(null);
const categories = ref<InstanceType<typeof CategoryEntry> | null>(null);
const word = computed(() => experiment.value.plan.unitNoun);
const kind = computed(() => kindOf(props.item.measure));
/** What stood of a count by category; null where one number is read. */
const counted = computed(() => (hasCategories(props.item.measure) ? field.counts.value : null));
const none = computed(() => upperFirst(noneWords(props.item.measure)));
/** What someone else has read here stands beside the field, never in it. */
const heardWords = computed(() => {
  const theirs = field.heard.value;
  if (!theirs) return null;
  const { unit, measure } = props.item;
  const who = `${theirs.observer ?? 'Someone'} has just read ${readName(unit, measure)}`;
  return `${who}: ${readingWords(theirs, measure)}. A number of yours is kept beside it; Enter alone leaves theirs.`;
});
const noteAsked = ref(false);
watch(at, () => (noteAsked.value = false));
const noteOpen = computed(() => noteAsked.value || note.value !== '');
const noteField = ref<HTMLInputElement | null>(null);

const next = () => (counted.value ? categories.value?.take() : props.round.take(asked.value.length > 0));
const focus = () => (counted.value ? categories.value : entry.value)?.focus();
defineExpose({ focus });
function readAgain(): void {
  field.again();
  focus();
}
async function openPanel(panel: RecordPanel): Promise<void> {
  if (panel !== 'note') return emit('open', panel);
  noteAsked.value = true;
  await nextTick();
  noteField.value?.focus();
}
// Wherever the focus is: a hand that has just pressed a button types on.
onKeyStroke((event) => {
  const hand = { round: props.round, choices: kind.value.choices(props.item.measure), tallies: kind.value.entry === 'tally' };
  if (pressRecordKey(event, { ...hand, open: (panel) => void openPanel(panel), focus })) event.preventDefault();
});
/** A press of a button leaves the focus where it was: on the number. */
function stayOnNumber(event: MouseEvent): void {
  if ((event.target as Element).closest('button')) event.preventDefault();
}
</script>

<template>
  <section @mousedown="stayOnNumber">
    <div id="walk-where" class="where">
      <span class="code mono" data-testid="unit">{{ readName(item.unit, item.measure) }}</span>
      <b v-if="item.plant !== null">plant {{ item.plant }}</b>
      <span class="soft"
        >{{ placeWords(experiment, item.unit)
        }}<template v-if="item.unit.sown !== null && kind.ofSown">
          ·
          <button
            type="button"
            class="link"
            :title="`Put right how many ${experiment.plan.propagule} are in it`"
            @click="emit('open', 'sown')"
          >
            {{ item.unit.sown }} sown
          </button></template
        ></span
      >
      <span class="soft right"
        >{{ at + 1 }} of {{ count
        }}<template v-if="saidOn">
          · read on {{ shortDate(saidOn) }} <button type="button" class="link" @click="emit('unsay')">change</button></template
        ></span
      >
    </div>
    <h1>{{ question }}</h1>
    <p v-if="cells > 1">
      <button type="button" class="link" @click="emit('map')">Tap the map instead: {{ cells }} at once</button>
    </p>
    <CategoryEntry
      v-if="counted"
      ref="categories"
      :unit="item.unit"
      :measure="item.measure"
      :before="counted"
      :question="question"
      @take="round.takeCounts($event, asked.length > 0)"
      @typing="field.doubtLess"
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
      @tally="field.tally"
      @choose="round.take()"
      @typing="field.doubtLess"
    />
    <ProblemNote :words="wrong" />
    <p v-if="heardWords" class="heard" role="status">{{ heardWords }}</p>
    <p v-if="said" class="soft" role="status">{{ said }}</p>
    <div v-if="asked.length > 0" class="asked" role="alert">
      <p v-for="doubt in asked" :key="doubt.rule">{{ doubt.detail }}</p>
      <Button @click="readAgain">Read it again</Button>
      <button v-if="asked.some(({ rule }) => rule === 'more-than-sown')" type="button" class="link" @click="emit('open', 'sown')">
        Correct the number sown
      </button>
      <button type="button" class="link" @click="counted ? categories?.take() : round.take(true)">
        It is right{{ counted ? '' : `: ${typed}` }}
      </button>
    </div>
    <label v-if="noteOpen" class="note"
      >Note<input ref="noteField" v-model="note" data-note :aria-label="`Note on ${item.unit.code}`" maxlength="500"
    /></label>
    <RecordButtons
      :next="item.measure.by === 'container' ? '' : item.plant === null ? word : 'plant'"
      :is-plant="item.plant !== null"
      :none="none"
      :is-first="at === 0"
      @next="next"
      @no-more="round.noMore"
      @absent="round.takeAbsent"
      @open="openPanel"
      @undo="round.undo"
    />
  </section>
</template>

<style scoped>
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
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
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
.asked p {
  flex-basis: 100%;
  margin: 0;
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
@media (max-height: 400px) {
  .where {
    top: 0;
  }
  .code {
    font-size: 26px;
  }
}
</style>
