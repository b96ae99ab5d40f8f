<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, watch } from 'vue';
import { markdown, ownParts, report, write as writePart, type WritingPart } from '@fern/core';
import MarginNote from '../kit/MarginNote.vue';
import TwoColumns from '../kit/TwoColumns.vue';
import { useLoaded } from '../frame/loaded';
import ProblemNote from '../kit/ProblemNote.vue';
import { useDocument } from '../stores/document';
import { useResult } from '../stores/result';
import ReportBlock from './ReportBlock.vue';
import { saveText } from '../kit/saveText';

const { id, experiment, study } = useLoaded();
const document = useDocument();
const results = useResult();
watch(study, (now) => void results.want(now), { immediate: true });
const result = computed(() => results.result);
const again = () => void results.want(study.value);
const blocks = computed(() => (result.value ? report(study.value, result.value) : []));
const headings = computed(() =>
  blocks.value
    .filter((block) => block.kind === 'heading' && block.level === 2)
    .map((block) => (block.kind === 'heading' ? block.text : '')),
);
const own = new Set(ownParts.map(({ title }) => title));
const written = (title: string) => {
  const part = ownParts.find((item) => item.title === title)?.part;
  return part === undefined || experiment.value.writing[part].trim() !== '';
};
const anchor = (text: string) => text.toLowerCase().replaceAll(/[^a-z]+/g, '-');
const write = (part: WritingPart, text: string) => document.change((now) => writePart(now, part, text));
const saveMarkdown = () => saveText(markdown(blocks.value), `${experiment.value.name}.md`, 'text/markdown');
const saveResult = () => saveText(`${JSON.stringify(result.value, null, 2)}\n`, `${experiment.value.name}-result.json`, 'application/json');
const print = () => window.print();
</script>

<template>
  <TwoColumns>
    <p v-if="results.working && blocks.length === 0" role="status">Putting the report together …</p>
    <ProblemNote :words="results.failed"><Button size="small" @click="again">Try again</Button></ProblemNote>
    <div v-if="blocks.length > 0" class="desk">
      <nav aria-label="Parts of the report">
        <a v-for="text in headings" :key="text" :href="`#${anchor(text)}`"><i :class="{ open: !written(text) }" />{{ text }}</a>
      </nav>
      <article class="paper">
        <ReportBlock
          v-for="(block, i) in blocks"
          :key="i"
          :block="block"
          :anchor="block.kind === 'heading' && block.level === 2 ? anchor(block.text) : undefined"
          :ask="block.kind === 'own' ? ownParts.find((item) => item.part === block.part)?.ask : undefined"
          @write="write"
        />
      </article>
    </div>
    <template #margin>
      <h2>Take it away</h2>
      <p class="buttons">
        <Button @click="print">Print</Button>
        <Button @click="saveMarkdown">Markdown</Button>
        <Button :href="`/api/experiments/${id}/package`" download>Data</Button>
        <Button @click="saveResult">Result</Button>
      </p>
      <p class="soft small">
        Data is the open package: plain tables that any spreadsheet reads, and that Fern Test reads back. Result is every computed number as
        JSON.
      </p>
      <h2 class="later">Your part</h2>
      <MarginNote v-for="{ part, title, ask } in ownParts" :key="part" :severity="experiment.writing[part].trim() ? 'fine' : 'note'"
        ><b>{{ title }}.</b> {{ ask }}</MarginNote
      >
      <p class="soft small later">
        Numbers, tables and pictures come from the data and stay right by themselves. What you type in {{ [...own].join(', ') }} stays
        exactly as you typed it.
      </p>
    </template>
  </TwoColumns>
</template>

<style scoped>
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
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
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
  .desk {
    display: block;
  }
  nav {
    display: none;
  }
  .paper {
    padding: 0;
    border: 0;
    box-shadow: none;
  }
}
</style>
