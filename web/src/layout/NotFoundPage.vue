<script setup lang="ts">
import { RouterLink } from 'vue-router';
import AppHeader from './AppHeader.vue';
</script>

<template>
  <AppHeader />
  <main id="content" class="lost">
    <h1>Nothing grows under this address</h1>
    <p>It may have been typed wrongly, or the experiment was taken away.</p>
    <RouterLink to="/">Go to Today</RouterLink>
  </main>
</template>

<style scoped>
.lost {
  padding: 40px 24px;
}
</style>
