<script setup lang="ts">
import type { Writing } from '@fern/core';
import DateField from '../components/DateField.vue';
import TextField from '../components/TextField.vue';

/** Whose report it is: title, names, group, day. */
defineProps<{ title: string; writing: Writing }>();
const emit = defineEmits<{ title: [title: string]; change: [more: Partial<Writing>] }>();
</script>

<template>
  <div class="front">
    <label class="wide"
      >Title <TextField label="Title of the report" :value="title" :maxlength="200" lazy @change="emit('title', $event)"
    /></label>
    <label
      >Names
      <TextField
        label="Names of who wrote it"
        :value="writing.names"
        placeholder="Sphagnum and Moss"
        @change="emit('change', { names: $event })"
    /></label>
    <label
      >Group <TextField label="Group or class" :value="writing.group" :maxlength="120" @change="emit('change', { group: $event })"
    /></label>
    <label
      >Day
      <span v-if="writing.date === null"
        ><button type="button" class="link" @click="emit('change', { date: new Date().toISOString().slice(0, 10) })">
          Put in a day
        </button></span
      >
      <DateField v-else label="Day of the report" :value="writing.date" @change="emit('change', { date: $event === '' ? null : $event })"
    /></label>
  </div>
</template>

<style scoped>
.front {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 10px 14px;
  margin-bottom: 18px;
  font-size: 14.5px;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 600px) {
  .front {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .front {
    display: none;
  }
}
</style>
