<script setup lang="ts">
import { Button, Form, FormItem, Input, InputPassword } from 'ant-design-vue';
import { computed, reactive, ref } from 'vue';
import { CallError, wordsFor } from '../stores/api';
import { useSession } from '../stores/session';

/** Name and password: to sign in, or at the first start to make the account. */
const emit = defineEmits<{ done: [] }>();
const session = useSession();
const typed = reactive({ name: '', password: '', code: '' });
const busy = ref(false);
const wrong = ref<{ readonly field: string; readonly words: string } | null>(null);
const wrongAt = (field: string) => (wrong.value?.field === field ? wrong.value.words : undefined);
const elsewhere = computed(() => (wrong.value && !['/name', '/password', '/code'].includes(wrong.value.field) ? wrong.value.words : null));

async function go(): Promise<void> {
  busy.value = true;
  wrong.value = null;
  try {
    const { name, password, code } = typed;
    await (session.firstStart ? session.begin({ name, password, code }) : session.enter({ name, password }));
    emit('done');
  } catch (error) {
    const field = error instanceof CallError ? error.errors[0] : undefined;
    wrong.value = { field: field?.pointer ?? '', words: field?.detail ?? wordsFor(error) };
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <Form layout="vertical" :model="typed" @finish="go">
    <FormItem label="Name" name="name" :validate-status="wrongAt('/name') ? 'error' : ''" :help="wrongAt('/name')">
      <Input v-model:value="typed.name" autocomplete="username" autofocus :maxlength="80" />
    </FormItem>
    <FormItem
      :label="session.firstStart ? 'Password, at least 8 characters' : 'Password'"
      name="password"
      :validate-status="wrongAt('/password') ? 'error' : ''"
      :help="wrongAt('/password')"
    >
      <InputPassword
        v-model:value="typed.password"
        :autocomplete="session.firstStart ? 'new-password' : 'current-password'"
        :maxlength="200"
      />
    </FormItem>
    <FormItem
      v-if="session.firstStart && session.needsCode"
      label="The code that the server printed"
      name="code"
      :validate-status="wrongAt('/code') ? 'error' : ''"
      :help="wrongAt('/code')"
    >
      <Input v-model:value="typed.code" inputmode="numeric" autocomplete="one-time-code" :maxlength="40" />
    </FormItem>
    <Button type="primary" html-type="submit" size="large" block :loading="busy">{{
      session.firstStart ? 'Make the account' : 'Sign in'
    }}</Button>
  </Form>
  <p v-if="elsewhere" class="wrong" role="alert">{{ elsewhere }}</p>
</template>

<style scoped>
.wrong {
  margin-top: 14px;
  padding: 8px 12px;
  border-radius: 7px;
  background: var(--rust-wash);
}
</style>
