<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import { csvOf, markdown, readingsTable, report, toldResult, type ReportLength, type Result, type Study } from '@fern/core';
import ChoiceField from '../components/ChoiceField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { saveText } from '../components/saveText';
import { useOutbox } from '../stores/outbox';
import { fileName, useReportFile, type FileEnding } from './useReportFile';
import { savedAs } from '../components/savedAs';

/** The report and the data as files that open elsewhere. */
const props = defineProps<{ id: string; study: Study; result: Result; length: ReportLength }>();
const outbox = useOutbox();
const papers = [
  { value: 'A4', label: 'A4' },
  { value: 'Letter', label: 'Letter' },
] as const;
const paper = ref<'A4' | 'Letter'>('A4');

/** From the server, or as it waits here to be sent. */
async function photo(file: string): Promise<Uint8Array | null> {
  const item = outbox.of(props.id).find((own) => own.kind === 'photo' && own.content.file === file && own.picture !== null);
  if (item?.kind === 'photo' && item.picture !== null) return new Uint8Array(item.picture);
  const reply = await fetch(`/api/experiments/${props.id}/photos/${file}`).catch(() => null);
  return reply?.ok ? new Uint8Array(await reply.arrayBuffer()) : null;
}

const { making, progress, failed, make, stop } = useReportFile(photo);
const take = (ending: FileEnding) => void make(ending, props.study, props.result, props.length, paper.value);
const name = () => fileName(props.study.experiment.title);
const saveMarkdown = () => saveText(markdown(report(props.study, props.result, props.length)), `${name()}.md`, 'text/markdown');
const saveResult = () => saveText(`${JSON.stringify(toldResult(props.result), null, 2)}\n`, `${name()}-result.json`, 'application/json');
function saveCsv(): void {
  const table = readingsTable(props.study);
  saveText(csvOf(table), `${name()}-readings.csv`, 'text/csv');
  saveText(csvOf(table.codebook), `${name()}-codebook.csv`, 'text/csv');
}
async function saveScript(): Promise<void> {
  const { rScript } = await import('@fern/paper/r');
  saveText(rScript, 'figures.R', 'text/plain');
}
const print = () => window.print();
</script>

<template>
  <h2>Take it away</h2>
  <p class="buttons">
    <Button type="primary" @click="take('docx')">Word</Button>
    <Button @click="take('pdf')">PDF</Button>
    <Button @click="take('html')">Web page</Button>
    <Button @click="saveMarkdown">Markdown</Button>
    <Button @click="print">Print</Button>
  </p>
  <p class="small paper-size">Paper <ChoiceField :value="paper" :options="papers" label="Paper" @change="paper = $event" /></p>
  <div v-if="making" role="status" class="making small">
    Making the file …
    <progress :value="progress" aria-label="How far the file is made">{{ Math.round(progress * 100) }}%</progress>
    <button type="button" class="link" @click="stop">Stop</button>
  </div>
  <ProblemNote :words="failed" />
  <h2 class="later">The data</h2>
  <p class="buttons">
    <Button @click="take('xlsx')">Readings, XLSX</Button>
    <Button @click="saveCsv">Readings, CSV</Button>
    <Button :href="`/api/experiments/${id}/package`" download @click="savedAs = 'the data'">Data</Button>
    <Button @click="saveResult">Result</Button>
    <Button @click="saveScript">R script</Button>
  </p>
  <p class="soft small">
    Data is the open package: plain tables that any spreadsheet reads, and that Fern Test reads back. Result is every computed number, for
    programs (JSON). The R script reads the package and reckons them anew. Markdown is plain text in which a # makes a heading.
  </p>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 10px;
}
.paper-size {
  display: flex;
  gap: 8px;
  align-items: center;
}
.making {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 10px;
  align-items: center;
}
progress {
  width: 100%;
}
</style>
