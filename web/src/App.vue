<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { defineAsyncComponent } from 'vue';
import SkipLink from './frame/SkipLink.vue';
import { useArrival } from './frame/useArrival';
import { keysOpen } from './frame/keysOpen';
import { useShortcuts } from './frame/useShortcuts';
import NewerVersion from './frame/NewerVersion.vue';
import SavedNote from './kit/SavedNote.vue';
import { useSession } from './stores/session';
import { theme } from './theme/theme';

const KeysHelp = defineAsyncComponent(() => import('./frame/KeysHelp.vue'));
const SignedOut = defineAsyncComponent(() => import('./frame/SignedOut.vue'));
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
    <SavedNote />
    <KeysHelp v-if="keysOpen" />
  </ConfigProvider>
</template>
