<script setup lang="ts">
import { useSession } from '../stores/session';
import DemoEntries from './DemoEntries.vue';
import BrandHeader from './BrandHeader.vue';
import SignInForm from './SignInForm.vue';

/** In place of every page, once the session has ended: nothing of the person can be read, and nothing that was typed is lost. */
const session = useSession();
</script>

<template>
  <BrandHeader />
  <main id="content">
    <h1>You were signed out</h1>
    <p>Sign in again to go on where you were. What was typed here is kept for the person who typed it.</p>
    <DemoEntries v-if="session.demo.length > 0" />
    <template v-else>
      <SignInForm />
      <p><a href="/door">Someone else</a></p>
    </template>
  </main>
</template>

<style scoped>
main {
  max-width: 420px;
  margin: 0 auto;
  padding: 60px 24px;
}
p {
  margin: 12px 0 20px;
}
</style>
