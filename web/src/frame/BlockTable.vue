<script setup lang="ts">
import type { Block } from '@fern/core';

/** A table block of a report. */
defineProps<{ block: Extract<Block, { kind: 'table' }> }>();
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="block.caption">
    <table class="plain">
      <caption>
        {{
          block.caption
        }}
      </caption>
      <thead>
        <tr>
          <th v-for="(cell, i) in block.head" :key="cell" :class="{ n: i >= block.numbersFrom }">{{ cell }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, r) in block.rows" :key="r">
          <td v-for="(cell, i) in row" :key="i" :class="{ n: i >= block.numbersFrom }">{{ cell }}</td>
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
