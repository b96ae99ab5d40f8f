<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Picture } from '@fern/core';
import { pictureConfiguration, pictureHeight } from '@fern/paper/pictures';
import ChartCanvas from './ChartCanvas.vue';

/** A picture in the width that there is. */
const props = defineProps<{ picture: Picture }>();
const box = ref<HTMLElement | null>(null);
const { width } = useElementSize(box);
const configuration = computed(() => pictureConfiguration(props.picture));
const height = computed(() => pictureHeight(props.picture, width.value));
/** Another number of plug-ins or rows is another chart. */
const key = computed(() => `${props.picture.id} ${props.picture.marks.length} ${props.picture.y.names?.length ?? ''}`);
</script>

<template>
  <div ref="box"><ChartCanvas :key="key" :configuration="configuration" :height="height" :sentence="picture.sentence" /></div>
</template>
