<script setup lang="ts">
import { Button, Dropdown, Menu, MenuItem } from 'ant-design-vue';
import { ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { shortDate } from '@fern/core';
import SyncStatus from '../layout/SyncStatus.vue';
import FileField from '../components/FileField.vue';
import ProblemNote from '../components/ProblemNote.vue';
import SecondLook from '../components/SecondLook.vue';
import { useAttempt } from '../stores/attempt';
import { useExperiments } from '../stores/experiments';

/** All experiments of the account, a way to begin another, and what still waits to be sent. */
const store = useExperiments();
const router = useRouter();
const { busy: importing, error: importError, attempt } = useAttempt();

const entries = [
  ['care', 'water, feed or other care'],
  ['wrong', 'what went wrong'],
  ['lost', 'a loss'],
  ['photo', 'a photo'],
] as const;
const write = (id: string, what: string) => void router.push({ name: 'log', params: { id }, query: { write: what } });

/** What was taken in and is unlikely; one stays here to read it. */
const asked = ref<{ readonly id: string; readonly lines: readonly string[] } | null>(null);
const take = (file: File) =>
  attempt(async () => {
    const record = await store.importPackage(file);
    asked.value = { id: record.id, lines: record.asked.map(({ detail }) => detail) };
    if (record.made === 1 && record.asked.length === 0) await router.push({ name: 'plan', params: { id: record.id } });
    else await store.load();
  });
</script>

<template>
  <h2>Your experiments</h2>
  <ul class="bare-list">
    <li v-for="{ id, title, startedOn } in store.list" :key="id">
      <RouterLink :to="{ name: startedOn ? 'log' : 'plan', params: { id } }">{{ title }}</RouterLink>
      <span class="soft small"
        >{{ startedOn ? `started ${shortDate(startedOn)}` : 'draft' }}
        <Dropdown v-if="startedOn" :trigger="['click']">
          <button type="button" class="link" :aria-label="`Write down something about ${title}`">Write down …</button>
          <template #overlay>
            <Menu @click="({ key }) => write(id, String(key))">
              <MenuItem v-for="[key, words] in entries" :key="key">{{ words }}</MenuItem>
            </Menu>
          </template>
        </Dropdown></span
      >
    </li>
  </ul>
  <p><Button @click="router.push('/ask')">Ask a new question</Button></p>
  <p>
    <FileField
      :label="importing ? 'Reading the package …' : 'Open a data package, or everything that was taken out (.zip)'"
      accept=".zip"
      look="link"
      :busy="importing"
      @choose="take"
    />
  </p>
  <ProblemNote :words="importError" />
  <SecondLook v-if="asked" :lines="asked.lines" word="place">
    It was taken in as it stands. <RouterLink :to="{ name: 'log', params: { id: asked.id } }">Look at its log</RouterLink>
  </SecondLook>
  <SyncStatus quiet />
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
}
li .link {
  margin-left: 8px;
}
li {
  display: flex;
  flex-direction: column;
  padding: 9px 0;
  border-bottom: 1px solid var(--hair);
}
ul + p {
  margin: 16px 0 12px;
}
</style>
