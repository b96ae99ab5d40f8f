<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { defineAsyncComponent } from 'vue';
import { useKeys } from './frame/useKeys';
import NewerVersion from './frame/NewerVersion.vue';
import { useSession } from './stores/session';
import { theme } from './theme/theme';

const KeysHelp = defineAsyncComponent(() => import('./frame/KeysHelp.vue'));
const SignedOut = defineAsyncComponent(() => import('./frame/SignedOut.vue'));
const session = useSession();
const { helpOpen } = useKeys();
</script>

<template>
  <ConfigProvider :theme="theme">
    <SignedOut v-if="session.expired" />
    <RouterView v-else />
    <NewerVersion />
    <KeysHelp v-if="helpOpen" v-model:open="helpOpen" />
  </ConfigProvider>
</template>
