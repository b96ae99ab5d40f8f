<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { counted } from '@fern/core';

/** How many lines of a list somebody has worded, and those from the plan that are gone, with a way back. */
defineProps<{ own: number; gone: readonly string[] }>();
const emit = defineEmits<{ back: [line: string] }>();
</script>

<template>
  <div v-if="own > 0 || gone.length > 0" class="own small">
    <p v-if="own > 0" class="soft">
      {{ counted(own, 'line') }} in your own words: {{ own === 1 ? 'it stays' : 'they stay' }} as written when the plan changes.
    </p>
    <ul v-if="gone.length > 0" class="bare-list" aria-label="Lines from the plan that are not in the list">
      <li v-for="line in gone" :key="line">
        <span class="soft">Not in the list: “{{ line }}”</span>
        <Button size="small" :aria-label="`Put back: ${line}`" @click="emit('back', line)">Put back</Button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.own {
  margin: 4px 0 8px;
}
p {
  margin: 0 0 4px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: baseline;
  margin-bottom: 4px;
}
</style>
