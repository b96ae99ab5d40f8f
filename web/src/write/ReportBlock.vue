<script setup lang="ts">
import type { Block, Own } from '@fern/core';
import ChartFigure from '../charts/ChartFigure.vue';
import PhotoPicture from '../layout/PhotoPicture.vue';
import DataTable from '../components/DataTable.vue';
import SentenceText from './SentenceText.vue';

/** One block of the report on paper. It knows no experiment; what the writer writes has its own editor. */
defineProps<{ block: Exclude<Block, Own>; anchor?: string }>();
</script>

<template>
  <component :is="`h${block.level}`" v-if="block.kind === 'heading'" :id="anchor" class="heading" :class="`level-${block.level}`">{{
    block.text
  }}</component>
  <p v-else-if="block.kind === 'paragraph'"><SentenceText :sentence="block.text" /></p>
  <component :is="block.ordered ? 'ol' : 'ul'" v-else-if="block.kind === 'list'"
    ><li v-for="(item, i) in block.items" :key="i"><SentenceText :sentence="item" /></li
  ></component>
  <DataTable v-else-if="block.kind === 'table'" v-bind="block" />
  <ChartFigure v-else-if="block.kind === 'figure'" :picture="block.picture" :caption="block.caption" />
  <figure v-else-if="block.kind === 'bench'" class="layout">
    <div class="scroll" tabindex="0" role="region" aria-label="The layout">
      <table>
        <tbody>
          <tr v-for="(row, r) in block.rows" :key="r">
            <td v-for="cell in row" :key="cell" class="mono">{{ cell }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <figcaption class="soft small">{{ block.caption }}</figcaption>
  </figure>
  <div v-else-if="block.kind === 'photos'" class="photos">
    <figure v-for="photo in block.photos" :key="photo.file">
      <PhotoPicture :photo="photo" :words="photo.caption" whole />
      <figcaption class="soft small">{{ photo.caption }}</figcaption>
    </figure>
  </div>
  <p v-else class="caution"><b>Take care.</b> {{ block.text }}</p>
</template>

<style scoped>
.heading {
  scroll-margin-top: 70px;
}
.heading {
  margin: 24px 0 10px;
  scroll-margin-top: 64px;
}
.level-1 {
  margin-top: 0;
  font-size: 28px;
}
.level-2 {
  font-size: 21px;
}
.level-3 {
  font-size: 17px;
}
.layout {
  margin: 14px 0;
}
.layout td {
  padding: 4px 8px;
  border: 1px solid var(--line);
  font-size: 13px;
  text-align: center;
  white-space: nowrap;
}
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 16px;
}
.photos figure {
  margin: 0;
}
.caution {
  padding: 8px 14px;
  border-left: 4px solid var(--pollen);
  background: var(--pollen-wash);
}
</style>
