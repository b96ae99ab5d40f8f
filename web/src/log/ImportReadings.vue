<script setup lang="ts">
import { Button, Progress } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { counted, kindOf, type ColumnUse, type Measure } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import ChoiceField from '../components/ChoiceField.vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import FileField from '../components/FileField.vue';
import SecondLook from '../components/SecondLook.vue';
import { useOutbox } from '../stores/outbox';
import { useImport } from './useImport';

/** Readings from a spreadsheet or another program: the file is read, its columns matched, and all of it is taken or nothing. */
const props = defineProps<{ measure: Measure }>();
const { experiment } = useLoaded();
const outbox = useOutbox();
const isOpen = ref(false);
const overwrite = ref(false);
const done = ref(0);
const { opened, uses, busy, wrong, problems, ready, open, check, take, clear } = useImport();

const typedMeasures = computed(() => experiment.value.measures.filter((own) => kindOf(own).entry !== 'none'));
const choices = computed(() => [
  { value: 'nothing', label: 'leave out' },
  { value: 'unit', label: `which ${experiment.value.plan.unitNoun}` },
  { value: 'day', label: 'day or date' },
  ...typedMeasures.value.map((own) => ({ value: `values ${own.code}`, label: own.name })),
  { value: 'measure', label: 'which measure' },
  { value: 'value', label: 'value' },
  { value: 'observer', label: 'who read it' },
  { value: 'note', label: 'note' },
]);
const wordOf = (use: ColumnUse | undefined) => (use?.as === 'values' ? `values ${use.measure}` : (use?.as ?? 'nothing'));
function setUse(i: number, word: string): void {
  const before = uses.value[i];
  const on = before?.as === 'values' ? before.on : null;
  const use = word.startsWith('values ') ? { as: 'values', measure: word.slice('values '.length), on } : { as: word };
  uses.value = uses.value.map((own, at) => (at === i ? (use as ColumnUse) : own));
  void check(props.measure.code, overwrite.value);
}
function choose(file: File): void {
  done.value = 0;
  void open(file, props.measure.code);
}
function setOverwrite(): void {
  overwrite.value = !overwrite.value;
  void check(props.measure.code, overwrite.value);
}
const left = computed(() => Math.min(done.value, outbox.count));
const sent = computed(() => (done.value === 0 ? 0 : Math.round((100 * (done.value - left.value)) / done.value)));
function close(): void {
  clear();
  done.value = 0;
}
</script>

<template>
  <button type="button" class="link" @click="isOpen = true">Import a table</button>
  <ConfirmDialog v-model:open="isOpen" title="Readings from a spreadsheet" width="760px" :error="wrong" @closed="close">
    <p class="small">
      A CSV or XLSX file with a row a {{ experiment.plan.unitNoun }} and a column a day, or a row a reading. The first row names the
      columns. All of it is taken, or nothing.
    </p>
    <p><FileField label="Choose a file with readings" accept=".csv,.tsv,.txt,.xlsx" @choose="choose" /></p>
    <p v-if="busy" role="status" class="busy">{{ busy }} <Button size="small" @click="clear">Stop</Button></p>
    <template v-if="opened">
      <p>
        <b>{{ opened.name }}</b>: {{ counted(opened.count, 'row') }}. What is in each column?
      </p>
      <div class="scroll">
        <table class="plain">
          <thead>
            <tr>
              <th v-for="(title, i) in opened.head" :key="i">{{ title || `column ${i + 1}` }}</th>
            </tr>
            <tr>
              <td v-for="(title, i) in opened.head" :key="i">
                <ChoiceField
                  :value="wordOf(uses[i])"
                  :options="choices"
                  :label="`What is in ${title || `column ${i + 1}`}`"
                  @change="setUse(i, $event)"
                />
              </td>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, r) in opened.first" :key="r">
              <td v-for="(_, i) in opened.head" :key="i">{{ row[i] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <label class="small"
        ><input type="checkbox" :checked="overwrite" @change="setOverwrite" /> where something else stands already, the file is right</label
      >
      <div v-if="problems.length > 0" class="problem" role="alert">
        <b>Nothing was taken.</b>
        {{ problems.length >= 100 ? 'The first 100 cells' : problems.length === 1 ? 'One cell' : `${problems.length} cells` }} cannot be:
        <ul>
          <li v-for="(problem, i) in problems" :key="i">
            row {{ problem.row }}{{ problem.column ? `, ${problem.column}` : '' }}: {{ problem.message }}
          </li>
        </ul>
      </div>
      <p v-if="ready" role="status">
        <template v-if="ready.readings.length > 0">Every cell can be taken.</template>
        <template v-else>All of it stands here already.</template>
        {{ ready.readings.length > 0 && ready.same > 0 ? `${ready.same} stand here already and are left out.` : '' }}
      </p>
      <SecondLook v-if="ready" :lines="ready.asked.map((own) => `row ${own.row}, ${own.column}: ${own.message}`)" word="cell">
        They are taken as they stand; what is wrong can be put right in the table afterwards.
      </SecondLook>
      <Button v-if="ready && ready.readings.length > 0" type="primary" @click="done = take()"
        >Take {{ ready.readings.length === 1 ? 'the reading' : `all ${ready.readings.length} readings` }}</Button
      >
    </template>
    <div v-if="done > 0" role="status">
      <p>{{ left > 0 ? `${done} readings are taken; ${left} still go to the server, by themselves.` : `${done} readings are taken.` }}</p>
      <Progress :percent="sent" />
    </div>
  </ConfirmDialog>
</template>

<style scoped>
.busy {
  display: flex;
  gap: 12px;
  align-items: center;
}
.scroll {
  max-height: 240px;
  overflow: auto;
}
.problem {
  max-height: 220px;
  margin: 8px 0;
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--rust-wash);
  overflow: auto;
}
.problem ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
