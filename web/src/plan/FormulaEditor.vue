<script setup lang="ts">
import { computed } from 'vue';
import { kindOf, type Measure } from '@fern/core';
import TextField from '../components/TextField.vue';

/** The formula of a measure that is worked out: what is wrong with it, and the names that can stand in it. */
const props = defineProps<{ measure: Measure; all: readonly Measure[]; disabled: boolean }>();
const emit = defineEmits<{ change: [formula: string] }>();
const wrong = computed(() => kindOf(props.measure).misplanned(props.measure, props.all));
const names = computed(() => props.all.filter((other) => !kindOf(other).hasFormula));
</script>

<template>
  <div class="formula small">
    <label class="line"
      >is worked out as
      <TextField
        small
        class="typed"
        :value="measure.derived ?? ''"
        :disabled="disabled"
        :label="`Formula of ${measure.name}`"
        placeholder="pi/6*height*width^2"
        :error="wrong !== null"
        @change="emit('change', $event)"
    /></label>
    <span v-if="wrong" class="wrong" role="status">{{ wrong }}</span>
    <span class="soft"
      >from
      <template v-for="(name, i) in names" :key="name.code"
        >{{ i > 0 ? ', ' : '' }}<span class="mono">{{ name.code }}</span> ({{ name.name }}{{ name.unit ? `, ${name.unit}` : '' }})</template
      ></span
    >
  </div>
</template>

<style scoped>
.formula {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  margin-top: 6px;
}
.line {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
}
.typed {
  width: 260px;
  font-family: var(--mono);
}
.wrong {
  color: var(--rust);
}
</style>
