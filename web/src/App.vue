<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import KeysHelp from './frame/KeysHelp.vue';
import { useKeys } from './frame/useKeys';
import { theme } from './theme/theme';

const { helpOpen } = useKeys();
</script>

<template>
  <ConfigProvider :theme="theme">
    <RouterView />
    <KeysHelp v-model:open="helpOpen" />
  </ConfigProvider>
</template>
