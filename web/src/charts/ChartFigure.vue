<script setup lang="ts">
import { ref } from 'vue';
import type { Picture } from '@fern/core';
import { armStyle } from '@fern/paper/look';
import DataTable from '../components/DataTable.vue';
import GroupBadge from '../groupBadge/GroupBadge.vue';
import { LazyPicture } from './lazyCanvas';
import { savePng, saveSvg } from './savePicture';

/** A picture with a title that states the finding, what its bars mean, its data as a table, and ways to save it. */
withDefaults(defineProps<{ picture: Picture; heading?: 'h2' | 'h3' | null; caption?: string }>(), { heading: 'h3', caption: undefined });
const tableOpen = ref(false);
</script>

<template>
  <figure>
    <component :is="heading" v-if="heading && !caption" class="title">{{ picture.title }}</component>
    <ul v-if="picture.keyed" class="legend">
      <li v-for="own in picture.series" :key="own.code">
        <GroupBadge :text="own.badge ?? own.code" :look="armStyle(picture.series, own.code)" :size="26" /><span
          v-if="own.name !== own.code"
          >{{ own.name }}</span
        >
      </li>
    </ul>
    <LazyPicture :picture="picture" />
    <figcaption class="soft small">
      {{ caption ?? picture.note }}
      <span class="tools">
        <button type="button" class="link" :aria-expanded="tableOpen" @click="tableOpen = !tableOpen">
          {{ tableOpen ? 'Hide the numbers' : 'Show the numbers' }}
        </button>
        <button type="button" class="link" @click="savePng(picture)">Save as PNG</button>
        <button type="button" class="link" @click="saveSvg(picture)">Save as SVG</button>
      </span>
    </figcaption>
    <DataTable v-if="tableOpen" caption="The numbers" hide-caption v-bind="picture.table" />
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 22px;
}
.title {
  margin-bottom: 8px;
  overflow-wrap: anywhere;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  margin: 0 0 6px;
  padding: 0;
  font-size: 14.5px;
  list-style: none;
}
.legend li {
  display: flex;
  gap: 7px;
  align-items: center;
  max-width: 320px;
}
figcaption {
  max-width: 800px;
}
.tools {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-left: 10px;
}
</style>
