<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { ref, watch } from 'vue';
import ConfirmDialog from '../components/ConfirmDialog.vue';

/** The form of an entry in the log: kept once nothing is wrong with it, which is said when somebody tried; an old one is mended or withdrawn. */
const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ title: string; error: string | null; keeps: string; withdraws: string | null }>();
const emit = defineEmits<{ keep: []; withdraw: []; closed: [] }>();
const tried = ref(false);
watch(open, () => (tried.value = false));
function keep(): void {
  tried.value = true;
  if (props.error === null) emit('keep');
}
</script>

<template>
  <ConfirmDialog v-model:open="open" :title="title" :error="tried ? error : null" width="640px" @closed="emit('closed')">
    <div class="fields"><slot /></div>
    <template #buttons>
      <Button type="primary" size="large" @click="keep">{{ keeps }}</Button>
      <Button v-if="withdraws" size="large" @click="emit('withdraw')">{{ withdraws }}</Button>
    </template>
  </ConfirmDialog>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 10px;
}
</style>
