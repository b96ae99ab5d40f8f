<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import type { Experiment, Kept } from '@fern/core';
import { useExperiment } from '../stores/experiment';

const store = useExperiment();
const experiment = computed(() => store.experiment as Experiment);
const set = (edit: (kept: readonly Kept[]) => Kept[]) =>
  store.change((now) => ({ ...now, plan: { ...now.plan, kept: edit(now.plan.kept) } }));
const change = (index: number, more: Partial<Kept>) => set((kept) => kept.map((item, i) => (i === index ? { ...item, ...more } : item)));
const text = (event: Event) => (event.target as HTMLInputElement).value;
</script>

<template>
  <div class="head">
    <h2>Kept the same, and how</h2>
    <button v-if="!store.frozen" type="button" class="link" @click="set((kept) => [...kept, { what: '', how: '' }])">
      Add a condition
    </button>
  </div>
  <ul>
    <li v-for="(item, i) in experiment.plan.kept" :key="i">
      <Input
        size="small"
        :value="item.what"
        :disabled="store.frozen"
        placeholder="what"
        :aria-label="`Condition ${i + 1}`"
        :maxlength="300"
        @change="change(i, { what: text($event) })"
      />
      <Input
        size="small"
        :value="item.how"
        :disabled="store.frozen"
        placeholder="how it is kept the same"
        :aria-label="`How condition ${i + 1} is kept the same`"
        :maxlength="300"
        @change="change(i, { how: text($event) })"
      />
      <button
        v-if="!store.frozen"
        type="button"
        class="away"
        :aria-label="`Take away ${item.what}`"
        @click="set((kept) => kept.filter((_, k) => k !== i))"
      >
        ×
      </button>
    </li>
  </ul>
</template>

<style scoped>
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin: 24px 0 8px;
}
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 1fr 2fr 24px;
  gap: 8px;
}
</style>
