<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import AppHeader from '../layout/AppHeader.vue';
import DataTable from '../components/DataTable.vue';
import ProblemNote from '../components/ProblemNote.vue';
import TwoColumns from '../components/TwoColumns.vue';
import { useAccount } from '../stores/account';
import { useAttempt } from '../stores/attempt';
import { useSession } from '../stores/session';
import BinPart from './BinPart.vue';
import { activityLabel, timeWords } from './historyWords';
import PasswordPart from './PasswordPart.vue';
import PeoplePart from './PeoplePart.vue';
import { savedAs } from '../components/savedAs';

/** A person's own data and account. */
const account = useAccount();
const session = useSession();
const { error, attempt } = useAttempt();
const load = () => attempt(() => account.load());
void load();
const rows = computed(() => account.history.map((line) => [timeWords(line.at), line.title ?? '', activityLabel(line)]));
</script>

<template>
  <AppHeader />
  <TwoColumns class="account">
    <h1>{{ session.account?.name ?? 'Your account' }}</h1>
    <p v-if="error"><ProblemNote :words="error" /><Button @click="load">Try again</Button></p>
    <section>
      <h2>All your experiments</h2>
      <p>One file with every experiment as an open data package. It opens again here or on another Fern Test, and elsewhere as tables.</p>
      <Button href="/api/everything" download @click="savedAs = 'everything'">Take everything out</Button>
    </section>
    <BinPart />
    <PeoplePart />
    <section>
      <h2>What was done</h2>
      <p v-if="rows.length === 0" class="soft">Nothing yet.</p>
      <DataTable v-else caption="What was done, the newest first" :head="['When', 'Experiment', 'What']" :rows="rows" />
    </section>
    <template #sidebar><PasswordPart /></template>
  </TwoColumns>
</template>

<style scoped>
.account {
  padding-top: 26px;
}
section {
  margin: 22px 0 0;
}
h2 {
  margin-bottom: 6px;
}
.account :deep(.bare-list li) {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  align-items: center;
  padding: 9px 0;
  border-bottom: 1px solid var(--hair);
}
.account :deep(.bare-list li > div) {
  flex: 1 1 220px;
}
.account :deep(.bare-list b) {
  display: block;
}
</style>
