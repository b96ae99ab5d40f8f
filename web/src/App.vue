<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { defineAsyncComponent } from 'vue';
import { useKeys } from './frame/useKeys';
import { theme } from './theme/theme';

const KeysHelp = defineAsyncComponent(() => import('./frame/KeysHelp.vue'));
const { helpOpen } = useKeys();
</script>

<template>
  <ConfigProvider :theme="theme">
    <RouterView />
    <KeysHelp v-if="helpOpen" v-model:open="helpOpen" />
  </ConfigProvider>
</template>
