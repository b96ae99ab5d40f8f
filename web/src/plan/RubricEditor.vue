<script setup lang="ts">
import { Input } from 'ant-design-vue';
import { computed } from 'vue';
import { rubrics, type RubricStep } from '@fern/core';
import AddButton from '../components/AddButton.vue';
import ChoiceField from '../components/ChoiceField.vue';

/** The steps of a rating, each in words, so that two people mean the same by a number. */
const props = defineProps<{ steps: readonly RubricStep[]; name: string; disabled: boolean }>();
const emit = defineEmits<{ change: [steps: readonly RubricStep[]] }>();
const ready = computed(() => [
  { value: '', label: 'choose ready-made steps …' },
  ...Object.keys(rubrics).map((key) => ({ value: key, label: key.replace(/([A-Z])/g, ' $1').toLowerCase() })),
]);
const use = (key: string) => key !== '' && emit('change', rubrics[key as keyof typeof rubrics]);
const setWords = (index: number, event: Event) => {
  const words = (event.target as HTMLInputElement).value.replaceAll(';', ',');
  if (words !== '')
    emit(
      'change',
      props.steps.map((step, i) => (i === index ? { ...step, words } : step)),
    );
};
const add = () => emit('change', [...props.steps, { value: (props.steps.at(-1)?.value ?? 0) + 1, words: 'describe this step' }]);
</script>

<template>
  <div class="rubric small" data-list role="group" :aria-label="`Steps of ${name}`">
    <span v-for="(step, i) in steps" :key="step.value" class="step"
      ><b class="mono">{{ step.value }}</b
      ><Input
        size="small"
        :value="step.words"
        :disabled="disabled"
        :aria-label="`Step ${step.value} of ${name}`"
        :maxlength="120"
        @change="setWords(i, $event)"
    /></span>
    <template v-if="!disabled">
      <AddButton @add="add">Add a step</AddButton>
      <button v-if="steps.length > 0" type="button" class="link" @click="emit('change', steps.slice(0, -1))">Take the last away</button>
      <ChoiceField value="" :options="ready" :label="`Ready-made steps for ${name}`" @change="use" />
    </template>
  </div>
</template>

<style scoped>
.rubric {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: baseline;
  margin-top: 6px;
}
.step {
  display: inline-flex;
  gap: 6px;
  align-items: baseline;
  width: 230px;
}
</style>
