<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { defineAsyncComponent } from 'vue';
import SkipLink from './layout/SkipLink.vue';
import { useArrival } from './layout/useArrival';
import { keysOpen } from './layout/keysOpen';
import { useShortcuts } from './layout/useShortcuts';
import MissingPage from './layout/MissingPage.vue';
import NewerVersion from './layout/NewerVersion.vue';
import SavedNote from './components/SavedNote.vue';
import { useSession } from './stores/session';
import { theme } from './theme/theme';

const KeysHelp = defineAsyncComponent(() => import('./layout/KeysHelp.vue'));
const SignedOut = defineAsyncComponent(() => import('./layout/SignedOut.vue'));
const session = useSession();
useShortcuts();
useArrival();
</script>

<template>
  <ConfigProvider :theme="theme">
    <SkipLink />
    <SignedOut v-if="session.expired" />
    <RouterView v-else />
    <NewerVersion />
    <MissingPage />
    <SavedNote />
    <KeysHelp v-if="keysOpen" />
  </ConfigProvider>
</template>
