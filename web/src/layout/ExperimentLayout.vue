<script setup lang="ts">
import { Button, Spin } from 'ant-design-vue';
import { watch } from 'vue';
import { RouterLink, RouterView, useRoute } from 'vue-router';
import { isSealed } from '@fern/core';
import { useDocument } from '../stores/document';
import { useLog } from '../stores/log';
import { useOpening } from '../stores/openExperiment';
import ExperimentSteps from './ExperimentSteps.vue';
import LeaveDialog from './LeaveDialog.vue';
import LoadedExperiment from './LoadedExperiment.vue';
import SavingState from './SavingState.vue';
import SealedNote from './SealedNote.vue';
import AppHeader from './AppHeader.vue';

/** Opens an experiment and gives it to its pages once it is there; a walk has the whole page to itself. */
const props = defineProps<{ id: string }>();
const documentStore = useDocument();
const log = useLog();
const opening = useOpening();
const route = useRoute();
watch(
  () => props.id,
  (id) => void opening.open(id),
  { immediate: true },
);
</script>

<template>
  <AppHeader :title="documentStore.experiment?.title" />
  <main id="content" v-if="opening.error" class="message">
    <h1>This experiment cannot be opened</h1>
    <p role="alert">{{ opening.error }}</p>
    <p><Button type="primary" @click="opening.reload()">Try again</Button>&ensp;<RouterLink to="/">Go to Today</RouterLink></p>
  </main>
  <main id="content" v-else-if="!log.study || documentStore.id !== id" class="message">
    <p role="status"><Spin /> Opening the experiment …</p>
  </main>
  <LoadedExperiment v-else :id="id" :study="log.study">
    <ExperimentSteps v-if="!route.meta.whole" />
    <SealedNote v-if="route.meta.tells && documentStore.experiment && isSealed(documentStore.experiment)" />
    <RouterView v-else />
    <SavingState />
    <LeaveDialog :id="id" />
  </LoadedExperiment>
</template>

<style scoped>
.message {
  padding: 40px 24px;
}
</style>
