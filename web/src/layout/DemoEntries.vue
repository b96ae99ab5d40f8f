<script setup lang="ts">
import { Button } from 'ant-design-vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useAttempt } from '../stores/attempt';
import { useSession } from '../stores/session';

/** The ways into the demo, one press each: its people have no passwords to know. */
const emit = defineEmits<{ done: [] }>();
const session = useSession();
const { busy, error, attempt } = useAttempt();

const enter = (account: string) =>
  attempt(async () => {
    await session.enterDemo(account);
    emit('done');
  });
</script>

<template>
  <Button v-for="account in session.demo" :key="account.id" block size="large" :loading="busy" class="demo" @click="enter(account.id)"
    >Enter as {{ account.name }}</Button
  >
  <ProblemNote :words="error" />
</template>

<style scoped>
.demo {
  margin-top: 10px;
}
</style>
