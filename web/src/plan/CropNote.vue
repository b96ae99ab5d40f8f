<script setup lang="ts">
import { upperFirst } from 'lodash-es';
import { computed } from 'vue';
import { changePlan, cropName, cropOf, crops, cropWords, plural } from '@fern/core';
import ChoiceField from '../components/ChoiceField.vue';
import { useLoaded } from '../layout/loaded';
import { useHistory } from '../stores/history';

/** Which crop the plant is, and what growers know of it. */
const { experiment } = useLoaded();
const history = useHistory();
const crop = computed(() => cropOf(experiment.value.plan));
const known = computed(() => (crop.value === null ? [] : cropWords(crop.value)));
const sources = computed(() => [...new Set(known.value.map(({ source }) => source))]);
const from = (source: string) =>
  known.value
    .filter((own) => own.source === source)
    .map(({ says }) => says)
    .join('; ');
const options = [
  { value: '', label: 'none of these' },
  ...crops.map(({ code, names }) => ({ value: code, label: names[0] ?? code })).sort((a, b) => a.label.localeCompare(b.label, 'en')),
];
const choose = (code: string) => history.edit((now) => changePlan(now, { crop: code }));
</script>

<template>
  <details v-if="crop || !history.frozen" class="crop small">
    <summary>{{ crop ? `What growers know of ${plural(cropName(experiment.plan))}` : 'Crop not in the table' }}</summary>
    <p>Crop <ChoiceField :value="experiment.plan.crop" :options="options" label="Crop" :disabled="history.frozen" @change="choose" /></p>
    <p v-for="source in sources" :key="source">
      {{ upperFirst(from(source)) }}. <span class="soft">{{ upperFirst(source) }}.</span>
    </p>
    <p v-if="crop?.caution" class="caution">{{ crop.caution }}</p>
  </details>
</template>

<style scoped>
.crop {
  margin: 6px 0 12px;
}
.crop p {
  margin: 4px 0;
}
</style>
