<script setup lang="ts">
import { counted } from '@fern/core';
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useLoaded } from '../layout/loaded';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import { useAttempt } from '../stores/attempt';
import { useExperiments } from '../stores/experiments';
import { savedAs } from '../components/savedAs';

/** Asks, since the experiment is found nowhere else then. */
const { id, experiment, study } = useLoaded();
const all = useExperiments();
const router = useRouter();
const open = ref(false);
const { error, attempt } = useAttempt();
const readings = computed(() => study.value.observations.length);

const remove = () =>
  attempt(async () => {
    await all.remove(id.value);
    await router.push('/');
  });
</script>

<template>
  <p><button type="button" class="link" @click="open = true">Delete this experiment</button></p>
  <ConfirmDialog v-model:open="open" title="Delete this experiment?" :error="error">
    <p>
      {{ experiment.title }} and its {{ counted(readings, 'reading') }} go into the bin. For 30 days you can take them back from there,
      under your initials at the top.
    </p>
    <template #buttons>
      <Button :href="`/api/experiments/${id}/package`" download @click="savedAs = 'the data'">Take the data</Button>
      <Button danger @click="remove">Delete it</Button>
    </template>
  </ConfirmDialog>
</template>
