<script setup lang="ts">
import { computed, nextTick, ref, toRef, watch } from 'vue';
import { cellText, gridCell, kindOf, readName, shortDate, readsBlind, type GridColumn, type Measure, type Unit, badgeOf } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import DateField from '../components/DateField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useIncrementalRender } from '../components/useIncrementalRender';
import { useGrid } from './useGrid';
import { readingWords } from './readingWords';

/**
 * What was read of one measure, typed in cell after cell as in a spreadsheet: a row a unit, a column a walk or an extra day. One field moves
 * from cell to cell; the rest is a table that can be read aloud.
 */
const props = defineProps<{ measure: Measure; units: readonly Unit[]; columns: readonly GridColumn[]; sorted: string | null }>();
const emit = defineEmits<{ sort: [column: string] }>();
const { experiment, study } = useLoaded();
const CELLS_AT_ONCE = 400;
const rows = useIncrementalRender(
  () => props.units,
  () => Math.max(1, Math.floor(CELLS_AT_ONCE / Math.max(1, props.columns.length))),
);
const open = ref(false);
const grid = useGrid({ measure: toRef(props, 'measure'), units: toRef(props, 'units'), columns: toRef(props, 'columns'), entered: open });
const { at, here, heard, typed, wrong, asked, pasted, problems } = grid;
const field = ref<HTMLInputElement[]>([]);
const root = ref<HTMLElement | null>(null);

watch(
  () => [props.measure.code, ...props.columns.map(({ id }) => id)].join(),
  () => grid.goTo(0, 0),
  { immediate: true },
);
/** The field stands in another cell now: the next key belongs there. */
watch(at, async () => {
  if (!open.value) return;
  await nextTick();
  await nextTick();
  field.value[0]?.focus();
  field.value[0]?.select();
});

async function enter(row: number, column: number): Promise<void> {
  if (!grid.keep()) return;
  open.value = true;
  grid.goTo(row, column);
}
function leave(event: FocusEvent): void {
  if (root.value?.contains(event.relatedTarget as Node | null)) return;
  if (grid.keep()) open.value = false;
}
const moves: Readonly<Record<string, readonly [number, number]>> = { ArrowUp: [-1, 0], ArrowDown: [1, 0], Enter: [1, 0] };
function press(event: KeyboardEvent): void {
  const input = event.target as HTMLInputElement;
  const move = moves[event.key];
  if (move) grid.move(event.shiftKey && event.key === 'Enter' ? -1 : move[0], move[1]);
  else if (event.key === 'Tab') {
    const last = at.value.row === props.units.length - 1 && at.value.column === props.columns.length - 1;
    if ((event.shiftKey && at.value.row === 0 && at.value.column === 0) || (!event.shiftKey && last)) return;
    grid.next(event.shiftKey ? -1 : 1);
  } else if (event.key === 'ArrowLeft' && input.selectionEnd === 0) grid.move(0, -1);
  else if (event.key === 'ArrowLeft' && input.selectionStart === 0 && input.selectionEnd === input.value.length) grid.move(0, -1);
  else if (event.key === 'ArrowRight' && input.selectionEnd === input.value.length) grid.move(0, 1);
  else if (event.key === 'Escape') grid.goTo(at.value.row, at.value.column);
  else return;
  event.preventDefault();
}
function paste(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData('text/plain') ?? '';
  if (!/[\t\n]/.test(text)) return;
  event.preventDefault();
  grid.paste(text);
}

const cells = computed(() =>
  rows.value.map((unit) => ({
    unit,
    cells: props.columns.map((column) => {
      const { live, reading, all, on } = gridCell(study.value, props.measure, unit, column);
      const adds = kindOf(props.measure).adds && live.length > 1;
      return {
        text: adds ? String(Number(live.reduce((sum, seen) => sum + (seen.value ?? 0), 0).toPrecision(6))) : cellText(reading),
        corrected: all.length > live.length,
        twice: live.length > 1 && !adds,
        late: reading !== null && on !== null && reading.observedOn.slice(0, 10) > on,
        gone: unit.status !== 'active',
      };
    }),
  })),
);
const heads = computed(() =>
  props.columns.map((column) => ({
    id: column.id,
    words: column.on === null ? column.id : `extra, ${shortDate(column.on)}`,
  })),
);
const nameOf = (unit: Unit | undefined) => (unit ? readName(unit, props.measure) : '');
const name = (row: number, column: number) => `${nameOf(props.units[row])}, ${heads.value[column]?.words ?? ''}`;
</script>

<template>
  <div ref="root">
    <div class="scroll" tabindex="-1" role="region" :aria-label="`${measure.name}, to type in`">
      <table class="plain grid">
        <caption class="visually-hidden">
          {{
            measure.name
          }}
          {{
            measure.unit
          }}
          by
          {{
            experiment.plan.unitNoun
          }}
          and day
        </caption>
        <thead>
          <tr>
            <th scope="col">
              <button type="button" @click="emit('sort', 'unit')">{{ experiment.plan.unitNoun }}{{ sorted === 'unit' ? ' ▾' : '' }}</button>
            </th>
            <th v-if="!readsBlind(experiment)" scope="col">
              <button type="button" @click="emit('sort', 'arm')">group{{ sorted === 'arm' ? ' ▾' : '' }}</button>
            </th>
            <th v-for="head in heads" :key="head.id" scope="col" class="n">
              <button type="button" @click="emit('sort', head.id)">{{ head.words }}{{ sorted === head.id ? ' ▾' : '' }}</button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, r) in cells" :key="row.unit.code">
            <th scope="row" class="mono">
              {{ readName(row.unit, measure) }}{{ row.unit.status === 'active' ? '' : ` ${row.unit.status}` }}
            </th>
            <td v-if="!readsBlind(experiment)">{{ badgeOf(experiment.arms, row.unit.arm) }}</td>
            <td
              v-for="(cell, c) in row.cells"
              :key="c"
              class="n cell"
              :class="{ here: open && at.row === r && at.column === c, twice: cell.twice, late: cell.late }"
              @click="enter(r, c)"
            >
              <input
                v-if="at.row === r && at.column === c"
                ref="field"
                v-model="typed"
                class="mono"
                inputmode="decimal"
                autocomplete="off"
                :aria-label="name(r, c)"
                :aria-invalid="wrong !== null"
                @focus="open = true"
                @keydown="press"
                @paste="paste"
                @blur="leave"
              />
              <template v-else>{{ cell.text }}</template>
              <sup
                v-if="cell.corrected || cell.twice || cell.late"
                :title="cell.twice ? 'read twice' : cell.corrected ? 'corrected' : 'read late'"
                >{{ cell.twice ? '2' : cell.corrected ? '*' : '+' }}</sup
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="foot">
      <ProblemNote :words="wrong" />
      <p v-if="asked.length > 0" class="asked small" role="status">{{ asked.join(' ') }} It is kept so; a new number corrects it.</p>
      <p v-if="open && heard" class="asked small" role="status">
        {{ heard.observer ?? 'Someone' }} has just read {{ name(at.row, at.column) }}: {{ readingWords(heard, measure) }}. A number of yours
        is kept beside it; an empty field leaves theirs.
      </p>
      <p v-if="pasted" class="small" role="status">{{ pasted }}</p>
      <div v-if="problems.length > 0" class="problem" role="alert">
        <b>Nothing was pasted.</b> {{ problems.length === 1 ? 'One cell cannot be taken:' : `${problems.length} cells cannot be taken:` }}
        <ul>
          <li v-for="(problem, i) in problems.slice(0, 8)" :key="i">{{ problem.unit }}, {{ problem.column }}: {{ problem.message }}</li>
        </ul>
      </div>
      <div v-if="open && here && here.reading" class="history small" role="status">
        <span
          ><b>{{ name(at.row, at.column) }}</b
          >: {{ readingWords(here.reading, measure) }} {{ here.reading.value === null ? '' : measure.unit
          }}{{ here.reading.observer ? `, ${here.reading.observer}` : '' }}{{ here.reading.note ? `, “${here.reading.note}”` : '' }}</span
        >
        <label
          >read on
          <DateField :value="here.reading.observedOn.slice(0, 10)" label="Day on which this was read" @change="grid.mendDay($event)"
        /></label>
        <span v-if="here.all.length > here.live.length"
          >before:
          {{
            here.all
              .slice(0, -1)
              .map((seen) => `${readingWords(seen, measure)} (${shortDate(seen.observedOn)}${seen.observer ? `, ${seen.observer}` : ''})`)
              .join(', ')
          }}</span
        >
      </div>
    </div>
  </div>
</template>

<style scoped>
.grid th button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.cell {
  position: relative;
  min-width: 62px;
  height: 34px;
  background: var(--paper);
  cursor: text;
}
.cell input {
  width: 62px;
  height: 28px;
  margin: -4px 0;
  padding: 0 5px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font-size: inherit;
  text-align: right;
}
.here input {
  border: 2px solid var(--sprout);
  background: var(--sprout-wash);
}
.here input[aria-invalid='true'] {
  border-color: var(--rust);
}
.twice {
  background: var(--rust-wash);
}
.late {
  background: var(--pollen-wash);
}
sup {
  position: absolute;
  top: 2px;
  right: 2px;
  color: var(--soft);
  font-size: 11px;
}
.foot {
  position: sticky;
  bottom: 0;
  background: var(--ground);
}
.history {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: baseline;
  padding: 8px 0;
}
.asked {
  margin: 8px 0;
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--pollen-wash);
}
.problem {
  margin: 8px 0;
  padding: 8px 12px;
  border-radius: var(--radius);
  background: var(--rust-wash);
}
.problem ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
