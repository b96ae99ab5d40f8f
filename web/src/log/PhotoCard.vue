<script setup lang="ts">
import { Checkbox } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { earlierWords, photoWords, shortDate, toggleReportPhoto, type Photo } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import PhotoPicture from '../layout/PhotoPicture.vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import { useDocument } from '../stores/document';

/** One photo with what is said of it: looked at larger, put into the report, or mended. */
const props = defineProps<{ photo: Photo }>();
const emit = defineEmits<{ edit: [photo: Photo] }>();
const { experiment, study } = useLoaded();
const documentStore = useDocument();
const large = ref(false);
const words = computed(() => photoWords(experiment.value, props.photo));
const title = computed(() => (props.photo.note === null ? words.value : `${props.photo.note} (${words.value})`));
const inReport = computed(() => experiment.value.writing.photos.includes(props.photo.file));
const before = computed(() => earlierWords(study.value.photos, props.photo));
</script>

<template>
  <figure>
    <button type="button" class="look" :aria-label="`Look at ${words} larger`" @click="large = true">
      <PhotoPicture :photo="photo" :words="title" />
    </button>
    <figcaption class="small">
      <b>{{ words }}</b><template v-if="photo.note"> {{ photo.note }}</template>
      <span v-for="old in before" :key="old.id" class="soft old"
        >before: {{ shortDate(old.on) }}, {{ photoWords(experiment, old) }}{{ old.note ? `, ${old.note}` : '' }}</span
      >
    </figcaption>
    <p class="acts small">
      <Checkbox :checked="inReport" @change="documentStore.change((now) => toggleReportPhoto(now, photo.file))">in the report</Checkbox>
      <button type="button" class="link" @click="emit('edit', photo)">Mend</button>
    </p>
    <ConfirmDialog v-model:open="large" :title="title" width="min(1100px, 96vw)"
      ><div class="whole"><PhotoPicture :photo="photo" :words="title" whole /></div
    ></ConfirmDialog>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: 6px;
  align-content: start;
  margin: 0;
}
.look {
  padding: 0;
  border: 0;
  background: none;
  cursor: zoom-in;
}
/* The whole of it at one glance. */
.whole :deep(img) {
  width: auto;
  max-width: 100%;
  max-height: 76vh;
  margin: 0 auto;
}
.old {
  display: block;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  min-height: 44px;
  margin: 0;
}
</style>
