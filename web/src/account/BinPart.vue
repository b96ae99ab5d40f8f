<script setup lang="ts">
import { ref } from 'vue';
import { Button } from 'ant-design-vue';
import { shortDate } from '@fern/core';
import type { BinLine } from '@fern/contract';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useAccount } from '../stores/account';
import { useAttempt } from '../stores/attempt';
import { useExperiments } from '../stores/experiments';

/** What was deleted in the last 30 days. */
const account = useAccount();
const experiments = useExperiments();
const { busy, error, attempt } = useAttempt();
const going = ref<BinLine | null>(null);

const restore = (id: string) =>
  attempt(async () => {
    await account.restore(id);
    await experiments.load();
  });
const takeOut = () =>
  attempt(async () => {
    if (going.value) await account.takeOut(going.value.id);
    going.value = null;
  });
</script>

<template>
  <section>
    <h2>Bin</h2>
    <p v-if="account.bin.length === 0" class="soft">Empty. An experiment that you delete lies here for 30 days.</p>
    <ul v-else class="bare-list">
      <li v-for="line in account.bin" :key="line.id">
        <div>
          <b>{{ line.title }}</b><span class="soft small">gone for good on {{ shortDate(line.goneAt) }}</span>
        </div>
        <Button :disabled="busy" @click="restore(line.id)">Take it back</Button>
        <button type="button" class="link" @click="going = line">Delete it for good</button>
      </li>
    </ul>
    <ProblemNote :words="error" />
    <ConfirmDialog :open="going !== null" title="Delete it for good?" :error="error" @update:open="going = null">
      <p>{{ going?.title }} and all its readings cannot be had back then, except from a backup.</p>
      <template #buttons><Button danger :disabled="busy" @click="takeOut">Delete it for good</Button></template>
    </ConfirmDialog>
  </section>
</template>
