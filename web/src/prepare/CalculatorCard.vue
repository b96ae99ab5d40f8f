<script setup lang="ts">
import { computed, reactive, watch } from 'vue';
import {
  inSystemWords,
  measureOut,
  RULES_FIRST,
  tools,
  unitSystems,
  workOut,
  type Calculator,
  type Filled,
  type Line,
  type Tool,
  type Told,
} from '@fern/core';
import { useLocalStorage } from '@vueuse/core';
import ChoiceField from '../components/ChoiceField.vue';
import Callout from '../components/Callout.vue';
import { useUnitSystem } from '../stores/unitSystem';
import CalculatorField from './CalculatorField.vue';
import LightGrid from './LightGrid.vue';

/** One calculator: what goes in, what comes out, the formula with the numbers in it, and with what one would measure it. */
const props = defineProps<{ calculator: Calculator; start: Filled }>();
const filled = reactive<Record<string, string>>({});
watch(
  () => [props.calculator, props.start] as const,
  ([{ asks }, start]) => {
    for (const key of Object.keys(filled)) delete filled[key];
    for (const { id, example } of asks) filled[id] = start[id] ?? example;
  },
  { immediate: true },
);
const system = useUnitSystem();
const has = useLocalStorage<Tool[]>('fern-tools', ['spoons', 'syringe', 'jug', 'balance-1']);
const answer = computed(() => workOut(props.calculator, filled));
const worked = computed(() => ('worked' in answer.value ? answer.value.worked : null));
const wrong = computed(() => ('wrong' in answer.value ? answer.value.wrong : {}));
const words = (own: Line | Told) =>
  'words' in own ? own.words : props.calculator.theme === 'units' ? plain(own) : inSystemWords(own.value, own.unit, system.value);
const plain = ({ value, unit }: Line) => `${Number(value.toPrecision(6))} ${unit}`;
const ways = (own: Line | Told) => ('measured' in own && own.measured ? measureOut(own.value, own.unit, has.value).slice(0, 3) : []);
const isMeasured = computed(() => worked.value?.lines.some((own) => 'measured' in own && own.measured) ?? false);
const sentence = computed(() => (worked.value?.lines ?? []).map((own) => `${own.label} ${words(own)}`).join(', '));
const toggle = (tool: Tool) => (has.value = has.value.includes(tool) ? has.value.filter((own) => own !== tool) : [...has.value, tool]);
</script>

<template>
  <section class="card">
    <p class="soft">{{ calculator.about }}</p>
    <LightGrid
      v-if="calculator.id === 'light-survey'"
      :model-value="filled.readings ?? ''"
      @update:model-value="filled.readings = $event"
      :places="Math.max(1, Math.min(60, Math.round(Number(filled.places)) || 1))"
      :blocks="Math.max(2, Math.round(Number(filled.blocks)) || 2)"
    />
    <div class="sides">
      <div class="asks">
        <CalculatorField
          v-for="ask in calculator.asks"
          :key="ask.id"
          :model-value="filled[ask.id] ?? ''"
          :ask="ask"
          :error="wrong[ask.id] ?? null"
          @update:model-value="filled[ask.id] = $event"
        />
      </div>
      <div class="out" role="status" aria-label="What comes out">
        <dl v-if="worked">
          <template v-for="own in worked.lines" :key="own.label">
            <dt>{{ own.label }}</dt>
            <dd>
              <b>{{ words(own) }}</b>
              <span v-for="way in ways(own)" :key="way.tool" class="soft small">{{ way.words }}</span>
            </dd>
          </template>
        </dl>
        <p v-else class="soft">{{ Object.keys(wrong).length === 1 ? 'One field' : 'Some fields' }} beside this cannot be as it stands.</p>
        <p v-if="worked" class="formula mono">{{ worked.formula }}</p>
        <p v-if="worked?.note" class="small">{{ worked.note }}</p>
        <p class="soft small">Source: {{ calculator.source }}.</p>
        <slot v-if="worked" :sentence="sentence" :lines="worked.lines" />
      </div>
    </div>
    <p class="have small">
      <span>Shown in <ChoiceField :value="system" :options="unitSystems" label="Shown in" bare @change="system = $event" /></span>
      <template v-if="isMeasured"
        ><span>At hand:</span>
        <label v-for="tool in tools" :key="tool.id"
          ><input type="checkbox" :checked="has.includes(tool.id)" @change="toggle(tool.id)" /> {{ tool.label }}</label
        ></template
      >
    </p>
    <template v-if="calculator.caution">
      <Callout severity="caution">{{ calculator.caution }} {{ RULES_FIRST }}</Callout>
    </template>
  </section>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(240px, 1fr) minmax(0, 1.4fr);
  gap: 20px 32px;
}
.asks {
  display: grid;
  gap: 12px;
  align-content: start;
}
.out {
  padding-left: 24px;
  border-left: 3px solid var(--sprout);
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  margin: 0 0 14px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
dd b {
  display: block;
  font: 500 var(--type-large) / 1.2 var(--mono);
}
dd span {
  display: block;
}
.formula {
  font-size: var(--type-small);
  overflow-wrap: anywhere;
}
.have {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: baseline;
  margin-top: 16px;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
  .have label {
    display: flex;
    gap: 6px;
    align-items: center;
    min-height: 44px;
  }
}
</style>
