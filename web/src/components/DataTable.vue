<script setup lang="ts">
/**
 * Rows and columns that can be read aloud and printed: a plain table, since the library's own is a grid of boxes to a screen reader and
 * is cut at the page's edge on paper. Wide ones scroll sideways by themselves.
 */
import { useIncrementalRender } from './useIncrementalRender';

defineOptions({ inheritAttrs: false });
const props = withDefaults(
  defineProps<{
    caption: string;
    head: readonly string[];
    rows: readonly (readonly string[])[];
    /** From this column on there are numbers, which stand on the right. */
    numbersFrom?: number;
    hideCaption?: boolean;
  }>(),
  { numbersFrom: Infinity },
);

const CELLS_AT_ONCE = 400;
const shownRows = useIncrementalRender(
  () => props.rows,
  () => Math.max(1, Math.floor(CELLS_AT_ONCE / Math.max(1, props.rows[0]?.length ?? 1))),
);
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="caption">
    <table class="plain">
      <caption :class="{ 'visually-hidden': hideCaption }">
        {{
          caption
        }}
      </caption>
      <thead>
        <tr>
          <th v-for="(cell, i) in head" :key="`${i}-${cell}`" :class="{ n: i >= numbersFrom }">{{ cell }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, r) in shownRows" :key="r">
          <td v-for="(cell, i) in row" :key="i" :class="{ n: i >= numbersFrom }">{{ cell }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  margin-bottom: 14px;
}
</style>
