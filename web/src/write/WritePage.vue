<script setup lang="ts">
import { Button, Segmented } from 'ant-design-vue';
import { computed, ref, shallowRef, watch } from 'vue';
import {
  factsOf,
  ownParts,
  partsToWrite,
  picturesByName,
  report,
  reportLengths,
  textCheck,
  write,
  type Block,
  type Hint,
  type Picture,
  type ReportLength,
  type WritersFact,
  type Writing,
} from '@fern/core';
import Callout from '../components/Callout.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useLoaded } from '../layout/loaded';
import ContradictedLines from '../layout/ContradictedLines.vue';
import { focusOnText } from '../layout/useArrival';
import ProblemNote from '../components/ProblemNote.vue';
import { useDocument } from '../stores/document';
import { pause } from '../stores/pause';
import { useResult } from '../stores/result';
import FrontFields from './FrontFields.vue';
import OwnEditor from './OwnEditor.vue';
import PartBeside from './PartBeside.vue';
import ReportBlock from './ReportBlock.vue';
import ExportPanel from './ExportPanel.vue';

const { id, experiment, study } = useLoaded();
const documentStore = useDocument();
const results = useResult();
watch(study, (now) => void results.want(now), { immediate: true });
const result = computed(() => results.result);
const again = () => void results.want(study.value);
const writing = computed(() => experiment.value.writing);
/** What the report depends on beside the result: all but the words that stand in their own editors, so that typing draws nothing anew. */
const frame = computed(() => {
  const { background: _b, discussion: _d, conclusion: _c, next: _n, reasons: _r, ...rest } = writing.value;
  return JSON.stringify(rest);
});
/** Until the result is there, the parts that need none. */
const blocks = shallowRef<readonly Block[]>(partsToWrite(experiment.value));
const isWhole = ref(false);
const facts = shallowRef<readonly WritersFact[]>([]);
const pictures = shallowRef<ReadonlyMap<string, Picture>>(new Map());
const check = shallowRef<(text: string) => readonly Hint[]>(() => []);
watch(
  [result, frame],
  ([now]) => {
    blocks.value = now ? report(study.value, now) : partsToWrite(experiment.value);
    isWhole.value = now !== null;
  },
  { immediate: true },
);
// In steps, so that whoever is writing already is answered between them.
watch(
  result,
  async (now) => {
    if (!now) return;
    for (const step of [
      () => (facts.value = factsOf(study.value, now)),
      () => (pictures.value = picturesByName(study.value, now)),
      () => (check.value = textCheck(study.value, now)),
    ]) {
      await pause();
      if (result.value !== now) return;
      step();
    }
  },
  { immediate: true },
);
/** What has the focus already – the title, a part that is being written – stays while the rest comes in around it. */
function keyOf(block: Block, i: number): string {
  if (block.kind === 'own') return block.part;
  const next = blocks.value[i + 1];
  if (next?.kind === 'own') return `before ${next.part}`;
  return block.kind === 'heading' && block.level === 1 ? 'title' : `${isWhole.value} ${i}`;
}
const headings = computed(() => blocks.value.flatMap((block) => (block.kind === 'heading' && block.level === 2 ? [block.text] : [])));
const partOf = (title: string) => ownParts.find((item) => item.title === title)?.part;
const shownParts = computed(() => ownParts.filter(({ part }) => blocks.value.some((block) => block.kind === 'own' && block.part === part)));
const written = (title: string) => {
  const part = partOf(title);
  return part === undefined || writing.value[part].trim() !== '';
};
const anchor = (text: string) => text.toLowerCase().replaceAll(/[^a-z]+/g, '-');
function goTo(text: string): void {
  const heading = window.document.getElementById(anchor(text));
  if (heading) focusOnText(heading);
}
const askOf = (part: (typeof ownParts)[number]['part']) => ownParts.find((item) => item.part === part)?.ask ?? '';
const titleOf = (part: (typeof ownParts)[number]['part']) => ownParts.find((item) => item.part === part)?.title ?? part;
const change = (more: Partial<Writing>) => documentStore.change((now) => write(now, more));
const retitle = (title: string) => title.trim() !== '' && documentStore.change((now) => ({ ...now, title: title.trim() }));
const lengths = reportLengths.map(({ length, title }) => ({ value: length, label: title }));
const lengthWords = computed(() => reportLengths.find(({ length }) => length === writing.value.length)?.words ?? '');
</script>

<template>
  <TwoColumns>
    <div class="length">
      <Segmented :value="writing.length" :options="lengths" @change="change({ length: $event as ReportLength })" />
      <span class="soft small">{{ lengthWords }}</span>
    </div>
    <ProblemNote :words="results.failed"><Button size="small" @click="again">Try again</Button></ProblemNote>
    <div class="desk">
      <nav aria-label="Parts of the report">
        <a v-for="text in headings" :key="text" :href="`#${anchor(text)}`" @click.prevent="goTo(text)"
          ><i :class="{ open: !written(text) }" />{{ text }}</a
        >
      </nav>
      <article class="paper">
        <FrontFields :title="experiment.title" :writing="writing" @title="retitle" @change="change" />
        <p v-if="results.working && !isWhole" class="soft" role="status">Putting the numbers in …</p>
        <template v-for="(block, i) in blocks" :key="keyOf(block, i)">
          <template v-if="block.kind === 'own'">
            <OwnEditor
              :text="writing[block.part]"
              :label="`${titleOf(block.part)}, in your own words`"
              :ask="askOf(block.part)"
              :facts="facts"
              :check="check"
              @write="change({ [block.part]: $event })"
            />
            <PartBeside :part="block.part" :writing="writing" :study="study" :pictures="pictures" @change="change" />
          </template>
          <ReportBlock v-else :block="block" :anchor="block.kind === 'heading' && block.level === 2 ? anchor(block.text) : undefined" />
        </template>
      </article>
    </div>
    <template #sidebar>
      <ExportPanel v-if="result" :id="id" :study="study" :result="result" :length="writing.length" />
      <h2 class="later">Your part</h2>
      <Callout v-for="{ part, title, ask } in shownParts" :key="part" :severity="writing[part].trim() ? 'fine' : 'note'"
        ><b>{{ title }}.</b> {{ ask }}</Callout
      >
      <ContradictedLines />
      <p class="soft small later">
        Numbers, tables and pictures come from the data and stay right by themselves. Your own words stay as you typed them. Where a number
        of yours disagrees with the data, it is marked: a hint, and yours to keep.
      </p>
    </template>
  </TwoColumns>
</template>

<style scoped>
.length {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-bottom: 16px;
}
.desk {
  display: grid;
  grid-template-columns: 160px minmax(0, 1fr);
  gap: 24px;
}
nav {
  position: sticky;
  top: 70px;
  display: grid;
  gap: 9px;
  align-self: start;
  padding-top: 30px;
  font-size: 15px;
}
nav a {
  display: grid;
  grid-template-columns: 22px 1fr;
  color: var(--ink);
  text-decoration: none;
}
nav a:hover {
  text-decoration: underline;
}
nav i {
  width: 13px;
  height: 13px;
  margin-top: 4px;
  border: 2px solid var(--sprout);
  border-radius: 50%;
  background: var(--sprout);
}
nav .open {
  background: none;
}
.paper {
  padding: 38px 48px;
  border: 1px solid var(--line);
  background: var(--paper);
  box-shadow: 0 2px 10px #14302a14;
  font-size: 16.5px;
  line-height: 1.6;
}
@media (max-width: 1100px) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
  }
  nav {
    display: none;
  }
}
@media (max-width: 600px) {
  .paper {
    padding: 18px 16px;
  }
}
@media print {
  .length,
  nav {
    display: none;
  }
  :deep(> .margin) {
    display: none;
  }
  .desk {
    display: block;
  }
  .paper {
    padding: 0;
    border: 0;
    box-shadow: none;
  }
}
</style>
