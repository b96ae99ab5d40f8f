<script setup lang="ts">
import { Button, Form, FormItem, InputPassword } from 'ant-design-vue';
import { reactive, ref } from 'vue';
import ProblemNote from '../components/ProblemNote.vue';
import { useAccount } from '../stores/account';
import { useAttempt } from '../stores/attempt';
import { useSession } from '../stores/session';

/** Another password, and a way to end every session. */
const account = useAccount();
const session = useSession();
const typed = reactive({ password: '', next: '' });
const done = ref(false);
const { busy, error, attempt } = useAttempt();

const change = () =>
  attempt(async () => {
    done.value = false;
    await account.changePassword(typed.password, typed.next);
    Object.assign(typed, { password: '', next: '' });
    done.value = true;
  });
const endAll = () =>
  attempt(async () => {
    await account.endAllSessions();
    await session.leave();
  });
</script>

<template>
  <section>
    <h2>Password</h2>
    <Form layout="vertical" :model="typed" class="form" @finish="change">
      <FormItem label="The password that you have now" name="password">
        <InputPassword v-model:value="typed.password" autocomplete="current-password" :maxlength="200" />
      </FormItem>
      <FormItem label="The next one, at least 8 characters" name="next">
        <InputPassword v-model:value="typed.next" autocomplete="new-password" :maxlength="200" />
      </FormItem>
      <Button html-type="submit" :disabled="busy">Change the password</Button>
    </Form>
    <ProblemNote :words="error" />
    <p v-if="done" role="status">The password is changed. You are signed out everywhere but here.</p>
    <p class="soft">Forgotten? Whoever runs the server can set a new one: <span class="mono">npm run password -- "your name"</span></p>
    <p><button type="button" class="link" :disabled="busy" @click="endAll">Sign out on every device</button></p>
  </section>
</template>

<style scoped>
.form {
  max-width: 360px;
  margin: 10px 0;
}
</style>
