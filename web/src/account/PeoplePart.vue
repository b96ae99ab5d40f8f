<script setup lang="ts">
import { counted } from '@fern/core';
import { ref } from 'vue';
import { Button } from 'ant-design-vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useAccount } from '../stores/account';
import { useAttempt } from '../stores/attempt';
import { savedAs } from '../components/savedAs';

/** Who is named in the experiments, and what each of them may ask for. */
const account = useAccount();
const { busy, error, attempt } = useAttempt();
const going = ref<string | null>(null);
const readings = (n: number) => `${counted(n, 'reading')}`;

const erase = () =>
  attempt(async () => {
    if (going.value !== null) await account.erase(going.value);
    going.value = null;
  });
</script>

<template>
  <section>
    <h2>People</h2>
    <p class="soft">
      Whoever took a reading or predicted something is named with it. Each may ask for what is kept of them, and to be erased.
    </p>
    <p v-if="account.people.length === 0" class="soft">Nobody is named yet.</p>
    <ul v-else class="bare-list">
      <li v-for="person in account.people" :key="person.name">
        <div>
          <b>{{ person.name }}</b><span class="soft small">{{ readings(person.readings) }}</span>
        </div>
        <a class="link" :href="`/api/people/${encodeURIComponent(person.name)}`" download @click="savedAs = person.name"
          >Take out as a file</a
        >
        <button type="button" class="link" @click="going = person.name">Erase the name</button>
      </li>
    </ul>
    <ProblemNote :words="error" />
    <ConfirmDialog :open="going !== null" :title="`Erase the name ${going ?? ''}?`" :error="error" @update:open="going = null">
      <p>
        “Person” and six signs stand in its place then, in every reading and prediction, and nobody can find out whose it was. The readings
        stay. Names inside notes are not found: read those yourself. Backups keep the name until they go, after 14 days.
      </p>
      <template #buttons><Button danger :disabled="busy" @click="erase">Erase the name</Button></template>
    </ConfirmDialog>
  </section>
</template>
