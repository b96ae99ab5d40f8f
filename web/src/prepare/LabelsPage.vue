<script setup lang="ts">
import { Button, Spin } from 'ant-design-vue';
import { wrap } from 'comlink';
import { useLocalStorage } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import { counted, isSealed, labelSheetOf, labelSheets, labelsPerPage, plural, roundOrder } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import Callout from '../components/Callout.vue';
import NumberField from '../components/NumberField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { saveText } from '../components/saveText';
import TwoColumns from '../components/TwoColumns.vue';
import type { LabelsWorker } from '../workers/labels.worker';
import BlindPart from './BlindPart.vue';
import PrepareTabs from './PrepareTabs.vue';
import { pagesAsHtml, printPages } from './printPages';

/** Labels, stakes and strips for the shelves: seen as they will be printed, printed, or kept as one file. */
const { id, experiment } = useLoaded();
const SHOWN = 3;
const { host } = location;
const sheet = useLocalStorage('fern-labels', 'a4-plain');
const kind = ref<'labels' | 'strips'>('labels');
const only = ref('');
const skip = ref(0);
/** Whoever reads blind gets no arms; whoever puts them out may. */
const withArms = ref(!experiment.value.blinded);
const showsArms = computed(() => withArms.value && !isSealed(experiment.value));
const pages = shallowRef<readonly string[]>([]);
const working = ref(false);
const failed = ref<string | null>(null);
const kinds = [
  { value: 'labels', label: 'a label for each' },
  { value: 'strips', label: 'strips for the shelves' },
] as const;
const sheets = labelSheets.map((own) => ({ value: own.id, label: own.title }));
const chosen = computed(() => labelSheetOf(sheet.value));
const each = computed(() => [
  { value: '', label: `all ${experiment.value.units.length}` },
  ...roundOrder(experiment.value.units).map(({ code: unit }) => ({ value: unit, label: unit })),
]);
const word = computed(() => plural(experiment.value.plan.unitNoun));

const own = new Worker(new URL('../workers/labels.worker.ts', import.meta.url), { type: 'module' });
const remote = wrap<LabelsWorker>(own);
onScopeDispose(() => own.terminate());
let asked = 0;
watch(
  [experiment, sheet, kind, only, skip, showsArms],
  async () => {
    const mine = ++asked;
    working.value = true;
    failed.value = null;
    try {
      const plain = JSON.parse(JSON.stringify(experiment.value)) as typeof experiment.value;
      const address = `${location.origin}/u/${id.value}/`;
      const drawn =
        kind.value === 'labels'
          ? await remote.labels(
              plain,
              sheet.value,
              { address, showsArms: showsArms.value, ...(only.value === '' ? {} : { only: [only.value] }) },
              skip.value,
            )
          : await remote.strips(plain, sheet.value, showsArms.value);
      if (mine === asked) pages.value = drawn;
    } catch {
      if (mine === asked) failed.value = 'The labels could not be drawn. Load the page again.';
    }
    if (mine === asked) working.value = false;
  },
  { immediate: true },
);
const images = computed(() => pages.value.slice(0, SHOWN).map((page) => `data:image/svg+xml;charset=utf-8,${encodeURIComponent(page)}`));
const count = computed(() => (only.value === '' ? experiment.value.units.length : 1));
const headline = computed(() =>
  kind.value === 'strips'
    ? 'Strips for the edges of the shelves'
    : count.value === 1
      ? `The label of ${only.value || '1'} again`
      : `${count.value} labels on ${counted(Math.ceil((count.value + skip.value) / labelsPerPage(chosen.value)), 'sheet')}`,
);
const title = computed(() => `${experiment.value.title}: labels`);
const print = () => printPages(title.value, pages.value, chosen.value.page);
const save = () => saveText(pagesAsHtml(title.value, pages.value, chosen.value.page), `${experiment.value.name}-labels.html`, 'text/html');
</script>

<template>
  <TwoColumns>
    <PrepareTabs />
    <div class="head">
      <h1>{{ headline }}</h1>
      <span class="acts">
        <Button size="large" :disabled="pages.length === 0" @click="save">Save as one file</Button>
        <Button type="primary" size="large" :disabled="pages.length === 0 || working" @click="print">Print</Button>
      </span>
    </div>
    <p class="line">
      <ChoiceField :value="kind" :options="kinds" label="What is printed" @change="kind = $event" />
      <span>on</span>
      <ChoiceField :value="sheet" :options="sheets" label="Sheet" @change="sheet = $event" />
      <template v-if="kind === 'labels'">
        <span>for</span>
        <ChoiceField :value="only" :options="each" :label="`Which ${word}`" @change="only = $event" />
        <span>leaving free the first</span>
        <NumberField
          :value="skip"
          label="Labels used up on the first sheet"
          whole
          :min="0"
          :max="labelsPerPage(chosen) - 1"
          :width="56"
          @change="skip = $event ?? 0"
        />
      </template>
      <label v-if="!isSealed(experiment)"><input v-model="withArms" type="checkbox" /> with the group</label>
    </p>
    <ProblemNote :words="failed" />
    <Spin v-if="working && pages.length === 0" />
    <div class="sheets">
      <img v-for="(image, i) in images" :key="i" :src="image" :alt="`Sheet ${i + 1} as it is printed`" />
    </div>
    <p v-if="pages.length > SHOWN" class="soft small">And {{ pages.length - SHOWN }} more sheets.</p>
    <p v-if="pages.length === 0 && !working" class="soft">Nothing has a place on the bench yet. Shuffle the {{ word }} in Plan first.</p>
    <template #sidebar>
      <h2>Before you print</h2>
      <Callout severity="note">Print at 100%, without “fit to page”: then the labels meet their cuts.</Callout>
      <Callout severity="note"
        >The square opens the log of that {{ experiment.plan.unitNoun }} on a phone that is signed in and reaches
        <span class="mono small">{{ host }}</span>.</Callout
      >
      <Callout v-if="experiment.blinded" severity="caution"
        >It is read blind. Labels with the group are for whoever puts them out; take them off before the first reading.</Callout
      >
      <Callout severity="note">Pencil on plastic lasts longer than ink. Cover paper labels with clear tape.</Callout>
      <BlindPart />
    </template>
  </TwoColumns>
</template>

<style scoped>
.acts,
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: baseline;
}
.line label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 44px;
}
.sheets {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 18px;
}
img {
  width: 100%;
  border: 1px solid var(--line);
  background: var(--paper);
}
@media (max-width: 900px) {
  .acts button {
    min-height: 48px;
  }
}
</style>
