<script setup lang="ts">
import type { Ask } from '@fern/core';
import ChoiceField from '../components/ChoiceField.vue';
import TextField from '../components/TextField.vue';

/** One field of a calculator, typed as people write; what it cannot be stands beside it. */
const typed = defineModel<string>({ required: true });
defineProps<{ ask: Ask; error: string | null }>();
const hint = ({ kind, unit, example, optional }: Ask) =>
  [
    ...(unit !== '' && kind !== 'clock' ? [unit] : []),
    ...(kind === 'list' ? [`one after another, like ${example}`] : []),
    ...(optional ? ['may stay empty'] : []),
  ].join(', ');
</script>

<template>
  <div class="field">
    <label
      ><span
        >{{ ask.label }} <span class="soft small">{{ hint(ask) }}</span></span
      >
      <ChoiceField v-if="ask.kind === 'choice'" :value="typed" :options="ask.choices" :label="ask.label" @change="typed = $event" />
      <TextField v-else :value="typed" :label="ask.label" :error="error !== null" :placeholder="ask.example" @change="typed = $event" />
    </label>
    <p v-if="error" role="alert" class="wrong">{{ error }}</p>
  </div>
</template>

<style scoped>
label {
  display: grid;
  gap: 4px;
}
.wrong {
  margin: 4px 0 0;
  color: var(--rust);
  font-size: var(--type-small);
}
@media (max-width: 900px) {
  .field :deep(input),
  .field :deep(select) {
    min-height: 44px;
  }
}
</style>
