<script setup lang="ts">
import { useObjectUrl } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import type { Photo } from '@fern/core';
import { useOutbox } from '../stores/outbox';
import { useLoaded } from './loaded';

/** A photo's picture: from the server, or as it waits here to be sent. */
const props = defineProps<{ photo: Pick<Photo, 'file' | 'width' | 'height'>; words: string; whole?: boolean }>();
const { id } = useLoaded();
const outbox = useOutbox();
const waiting = computed(() => {
  const item = outbox.of(id.value).find((own) => own.kind === 'photo' && own.content.file === props.photo.file && own.picture !== null);
  return item?.kind === 'photo' && item.picture !== null ? new Blob([item.picture], { type: 'image/jpeg' }) : undefined;
});
const here = useObjectUrl(waiting);
const there = computed(() => `/api/experiments/${id.value}/photos/${props.photo.file}${props.whole ? '' : '?size=small'}`);
const source = computed(() => here.value ?? there.value);
const missing = ref(false);
watch(source, () => (missing.value = false));
</script>

<template>
  <span v-if="missing" class="missing soft small">This picture cannot be shown: there is no network, or it was removed.</span>
  <img
    v-else
    :src="source"
    :alt="words"
    :width="photo.width"
    :height="photo.height"
    :loading="whole ? 'eager' : 'lazy'"
    @error="missing = true"
  />
</template>

<style scoped>
img {
  display: block;
  width: 100%;
  height: auto;
  border-radius: 4px;
  background: var(--hair);
}
.missing {
  display: grid;
  place-items: center;
  min-height: 120px;
  padding: 12px;
  border: 1px dashed var(--line);
  border-radius: 4px;
  text-align: center;
}
</style>
