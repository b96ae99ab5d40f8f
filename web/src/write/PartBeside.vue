<script setup lang="ts">
import { computed } from 'vue';
import { photoWords, livePhotos, type Picture, type Study, type Writing, type WritingPart } from '@fern/core';
import LongField from '../components/LongField.vue';

/** Beside a part: why, where from, and pictures put into it. */
const props = defineProps<{ part: WritingPart; writing: Writing; study: Study; pictures: ReadonlyMap<string, Picture> }>();
const emit = defineEmits<{ change: [more: Partial<Writing>] }>();
const besides = [
  { key: 'reasons', label: 'Because', ask: 'Why do you think so?' },
  { key: 'sources', label: 'Source', ask: 'Who wrote it, where, when?' },
] as const;
const own = computed(() => props.writing.figures.filter(({ part }) => part === props.part));
const choices = computed(() => {
  const photos = livePhotos(props.study).map((photo) => ({
    figure: photo.file,
    words: `Photo: ${photoWords(props.study.experiment, photo, false)}`,
  }));
  return [...[...props.pictures.values()].map(({ id, title }) => ({ figure: id, words: title })), ...photos];
});
const wordsOf = (figure: string) => choices.value.find((choice) => choice.figure === figure)?.words ?? 'No longer there';
const isThere = (figure: string) => own.value.some((item) => item.figure === figure);

function put(event: Event): void {
  const field = event.target as HTMLSelectElement;
  if (field.value !== '') emit('change', { figures: [...props.writing.figures, { part: props.part, figure: field.value }] });
  field.value = '';
}
const take = (figure: string) =>
  emit('change', { figures: props.writing.figures.filter((item) => item.part !== props.part || item.figure !== figure) });
</script>

<template>
  <details class="beside" :open="writing.reasons[part] !== '' || writing.sources[part] !== '' || own.length > 0">
    <summary>A reason, a source, a picture</summary>
    <template v-for="{ key, label, ask } in besides" :key="key">
      <p class="name">{{ label }}</p>
      <LongField
        :label="label"
        :value="writing[key][part]"
        :placeholder="ask"
        @change="(text: string) => emit('change', { [key]: { ...writing[key], [part]: text } })"
      />
    </template>
    <ul class="bare-list">
      <li v-for="{ figure } in own" :key="figure">
        {{ wordsOf(figure) }}
        <button type="button" class="link" :aria-label="`Take out ${wordsOf(figure)}`" @click="take(figure)">Take out</button>
      </li>
    </ul>
    <label class="put"
      >Put in a picture
      <select @change="put">
        <option value="">choose …</option>
        <option v-for="choice in choices" :key="choice.figure" :value="choice.figure" :disabled="isThere(choice.figure)">
          {{ choice.words }}
        </option>
      </select></label
    >
  </details>
  <template v-for="{ key, label } in besides" :key="key">
    <p v-if="writing[key][part]" class="printed">
      <b>{{ label }}:</b> {{ writing[key][part] }}
    </p>
  </template>
</template>

<style scoped>
.beside {
  margin: 4px 0 14px;
  font-size: 15px;
}
.name {
  margin: 6px 0 2px;
}
.printed {
  display: none;
  white-space: pre-wrap;
}
.put {
  display: grid;
  gap: 4px;
  max-width: 420px;
}
select {
  max-width: 100%;
  min-height: 44px;
}
@media print {
  .beside {
    display: none;
  }
  .printed {
    display: block;
  }
}
</style>
