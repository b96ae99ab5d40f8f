<script setup lang="ts">
import { computed } from 'vue';
import { longDate, photoDays, photoWords, sideBySide, type Study } from '@fern/core';
import PhotoPicture from '../layout/PhotoPicture.vue';

/** Photos of the arms side by side, a row a day, the last first. */
const props = defineProps<{ study: Study }>();
const days = computed(() =>
  [...photoDays(props.study)].reverse().map((on) => ({
    on,
    arms: sideBySide(props.study, on).flatMap(({ arm, photos: [photo] }) => (photo ? [{ arm, photo }] : [])),
  })),
);
</script>

<template>
  <section v-for="{ on, arms } in days" :key="on">
    <h3>{{ longDate(on) }}</h3>
    <div class="row">
      <figure v-for="{ arm, photo } in arms" :key="arm?.code ?? ''">
        <PhotoPicture :photo="photo" :words="photoWords(study.experiment, photo, false)" />
        <figcaption class="small">{{ photoWords(study.experiment, photo, false) }}</figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
h3 {
  margin-bottom: 8px;
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 14px;
}
figure {
  margin: 0 0 14px;
}
</style>
