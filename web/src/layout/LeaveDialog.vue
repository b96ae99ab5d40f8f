<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { promiseTimeout } from '@vueuse/core';
import { onBeforeUnmount, ref, shallowRef } from 'vue';
import { useRouter, type RouteLocationNormalized } from 'vue-router';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import { useDocument } from '../stores/document';
import OpenEdits from './OpenEdits.vue';

const MOST_MS = 2000;

/** Whoever leaves an experiment of which something is refused is told so first. */
const props = defineProps<{ id: string }>();
const documentStore = useDocument();
const router = useRouter();
const asks = ref(false);
const to = shallowRef<RouteLocationNormalized | null>(null);

const stop = router.beforeEach(async (next) => {
  if (next.params.id === props.id) return true;
  // A server that does not answer holds nobody back: what is not saved is kept in this browser.
  await Promise.race([documentStore.flush(), promiseTimeout(MOST_MS)]);
  if (documentStore.open.length === 0 || asks.value) return true;
  to.value = next;
  asks.value = true;
  return false;
});
onBeforeUnmount(stop);

async function leave(): Promise<void> {
  const { value } = to;
  if (value !== null) await router.push(value.fullPath);
  asks.value = false;
}
</script>

<template>
  <ConfirmDialog v-model:open="asks" title="Not everything is saved">
    <OpenEdits />
    <p>
      {{
        documentStore.unkept
          ? 'This browser has no room to keep it: leaving loses it.'
          : 'It stays on this device, and stands here again when you come back.'
      }}
    </p>
    <template #buttons>
      <Button type="primary" @click="asks = false">Stay and put it right</Button>
      <Button @click="leave">Leave it for now</Button>
    </template>
  </ConfirmDialog>
</template>
