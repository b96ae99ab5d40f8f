<script setup lang="ts">
import { useDocument } from '../stores/document';

/** What stands on the page and the server does not take: each place with its reason. */
defineProps<{
  /** With the way back. */
  mends?: boolean;
}>();
const documentStore = useDocument();
</script>

<template>
  <div v-if="documentStore.open.length > 0" class="open">
    <p>
      <b>{{ documentStore.open.length === 1 ? 'One change is not saved' : `${documentStore.open.length} changes are not saved` }}.</b>
      Everything else is.
    </p>
    <ul>
      <li v-for="line in documentStore.open" :key="line.place + line.why">
        <template v-if="line.place">{{ line.place }}: </template>{{ line.why }}
      </li>
    </ul>
    <button v-if="mends" type="button" class="link" @click="documentStore.takeBack()">
      {{ documentStore.open.length === 1 ? 'Take it back' : 'Take them back' }}, as it was saved last
    </button>
  </div>
</template>

<style scoped>
.open p,
.open ul {
  margin: 0 0 4px;
}
.open ul {
  padding-left: 18px;
}
</style>
