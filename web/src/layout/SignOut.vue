<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref } from 'vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';
import { saveText } from '../components/saveText';
import { useAttempt } from '../stores/attempt';
import { useDocument } from '../stores/document';
import { useOutbox } from '../stores/outbox';
import { useSession } from '../stores/session';
import OpenEdits from './OpenEdits.vue';

/** Signs out at once, unless something typed here has not reached the server. */
const session = useSession();
const outbox = useOutbox();
const documentStore = useDocument();
const asks = ref(false);
const { busy, error, attempt } = useAttempt();

const leave = () =>
  attempt(async () => {
    await Promise.all([outbox.send(), documentStore.flush()]);
    await documentStore.kept();
    if (outbox.waiting.length > 0 || documentStore.unsaved) asks.value = true;
    else await session.leave();
  });
const save = () => saveText(JSON.stringify(outbox.waiting, null, 2), 'entries-not-sent.json', 'application/json');
</script>

<template>
  <button type="button" class="link" :disabled="busy" @click="leave">Sign out</button>
  <ConfirmDialog v-model:open="asks" title="Something has not reached the server" :error="error">
    <p v-if="outbox.waiting.length > 0">
      {{ outbox.waiting.length }} {{ outbox.waiting.length === 1 ? 'entry stays' : 'entries stay' }} in this browser. Nobody else who signs
      in here sees or sends them; they go on when {{ session.account?.name }} signs in here again.
      <template v-if="outbox.unkept > 0">{{ outbox.unkept }} of them this browser could not keep: save them as a file first.</template>
    </p>
    <p v-if="documentStore.unsaved && documentStore.unkept">
      Your last changes of the plan are on this page alone, and this browser keeps nothing more. Signing out loses them.
    </p>
    <p v-else-if="documentStore.unsaved">
      Your last changes of the plan stay in this browser. Nobody else who signs in here sees them; they are there when
      {{ session.account?.name }} opens the experiment here again.
    </p>
    <OpenEdits />
    <template #buttons>
      <Button v-if="outbox.waiting.length > 0" @click="save">Save them as a file</Button>
      <Button danger @click="session.leave()">Sign out all the same</Button>
    </template>
  </ConfirmDialog>
</template>
