<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { wordsFor } from '../stores/api';
import { useExperiment } from '../stores/experiment';
import { useExperiments } from '../stores/experiments';

/** Data would be gone, so this one asks. */
const store = useExperiment();
const all = useExperiments();
const router = useRouter();
const open = ref(false);
const error = ref<string | null>(null);
const readings = computed(() => store.study?.observations.length ?? 0);

async function remove(): Promise<void> {
  error.value = null;
  try {
    await all.remove(store.id);
    await router.push('/');
  } catch (problem) {
    error.value = wordsFor(problem);
  }
}
</script>

<template>
  <p><button type="button" class="link" @click="open = true">Delete this experiment</button></p>
  <Modal v-model:open="open" title="Delete this experiment?" :footer="null">
    <p>
      {{ store.experiment?.title }} and its {{ readings }} {{ readings === 1 ? 'reading' : 'readings' }} will be gone for good. Take the
      data package away first if you may need it.
    </p>
    <p v-if="error" role="alert">{{ error }}</p>
    <Button :href="`/api/experiments/${store.id}/package`" download>Take the data</Button>&ensp;<Button danger @click="remove"
      >Delete it</Button
    >
  </Modal>
</template>
