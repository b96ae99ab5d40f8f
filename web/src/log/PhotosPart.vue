<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { livePhotos, photoWords } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import PhotoPicture from '../layout/PhotoPicture.vue';
import { useDocument } from '../stores/document';
import PhotoDialog from './PhotoDialog.vue';

/** The last photos, a way to all of them, and to take another. */
const props = defineProps<{ asked?: boolean }>();
const SHOWN = 3;
const { id, experiment, study } = useLoaded();
const documentStore = useDocument();
const open = ref(props.asked);
const photos = computed(() => livePhotos(study.value));
const last = computed(() => photos.value.slice(-SHOWN).reverse());
</script>

<template>
  <h2 class="later">Photos</h2>
  <div v-if="last.length > 0" class="row">
    <RouterLink v-for="photo in last" :key="photo.id" :to="{ name: 'photos', params: { id }, query: { on: photo.on } }">
      <PhotoPicture :photo="photo" :words="photoWords(experiment, photo)" />
    </RouterLink>
  </div>
  <p v-else class="soft small">None so far. One of each group on the same day says more than words.</p>
  <p v-if="photos.length > 0">
    <RouterLink :to="{ name: 'photos', params: { id } }">All {{ photos.length }}, side by side</RouterLink>
  </p>
  <p v-if="documentStore.started"><Button @click="open = true">Add a photo</Button></p>
  <PhotoDialog v-model:open="open" />
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
  margin-bottom: 8px;
}
.row :deep(img) {
  height: 84px;
  object-fit: cover;
}
</style>
