<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { WritersFact } from '@fern/core';

/** Facts of the study to choose from: typed to find, by arrows and Enter or by a tap. */
const props = defineProps<{ facts: readonly WritersFact[] }>();
const emit = defineEmits<{ put: [fact: string]; leave: [] }>();
const SHOWN = 40;
const wanted = ref('');
const at = ref(0);
const field = ref<HTMLInputElement | null>(null);
const found = computed(() => {
  const words = wanted.value.toLowerCase().split(/\s+/);
  return props.facts.filter(({ label, text }) => words.every((word) => `${label} ${text}`.toLowerCase().includes(word))).slice(0, SHOWN);
});
onMounted(() => field.value?.focus());

function move(by: number): void {
  at.value = Math.min(found.value.length - 1, Math.max(0, at.value + by));
  document.getElementById(`fact-${at.value}`)?.scrollIntoView({ block: 'nearest' });
}
function take(): void {
  const fact = found.value[at.value];
  if (fact) emit('put', fact.fact);
}
</script>

<template>
  <div class="picker" role="dialog" aria-label="Facts of the study" @keydown.esc.stop="emit('leave')">
    <input
      ref="field"
      v-model="wanted"
      type="text"
      role="combobox"
      aria-expanded="true"
      aria-controls="facts"
      aria-label="Find a fact"
      :aria-activedescendant="found.length > 0 ? `fact-${at}` : undefined"
      placeholder="tap water, difference, p …"
      @input="at = 0"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="take"
    />
    <ul id="facts" class="bare-list" role="listbox" aria-label="Facts">
      <li
        v-for="({ fact, label, text }, i) in found"
        :id="`fact-${i}`"
        :key="fact"
        role="option"
        :aria-selected="i === at"
        @mousedown.prevent="emit('put', fact)"
      >
        <b>{{ text }}</b> <span class="soft small">{{ label }}</span>
      </li>
      <li v-if="found.length === 0" class="soft" role="option" aria-selected="false">
        {{ facts.length === 0 ? 'The numbers are on their way …' : 'Nothing of that name.' }}
      </li>
    </ul>
    <button type="button" class="link small" @click="emit('leave')">Leave it</button>
  </div>
</template>

<style scoped>
.picker {
  margin: 6px 0;
  padding: 10px;
  border: 1px solid var(--border);
  border-radius: var(--radius);
  background: var(--paper);
}
input {
  width: 100%;
  min-height: 36px;
  padding: 4px 10px;
  border: 1px solid var(--border);
  border-radius: var(--radius);
  font: inherit;
}
ul {
  max-height: 230px;
  margin: 6px 0;
  overflow: auto;
}
li {
  padding: 6px 8px;
  border-radius: 4px;
  cursor: pointer;
}
li[aria-selected='true'],
li:hover {
  background: var(--sprout-wash);
}
</style>
