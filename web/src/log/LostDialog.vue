<script setup lang="ts">
import { Button, Input, Modal } from 'ant-design-vue';
import { computed, ref } from 'vue';
import { wordsFor } from '../stores/api';
import { useExperiment } from '../stores/experiment';

const open = defineModel<boolean>('open', { required: true });
const props = defineProps<{ unit: string }>();
const store = useExperiment();
const reason = ref('');
const error = ref<string | null>(null);

const gone = computed(() => store.experiment?.units.find((unit) => unit.unit === props.unit)?.status !== 'active');

async function mark(status: 'lost' | 'excluded' | 'active'): Promise<void> {
  error.value = null;
  try {
    await store.setUnitStatus(props.unit, status, reason.value.trim() || null);
    open.value = false;
    reason.value = '';
  } catch (problem) {
    error.value = wordsFor(problem);
  }
}
</script>

<template>
  <Modal v-model:open="open" :title="`What happened to ${unit}?`" :footer="null">
    <p>Lost: gone or ruined. Its readings up to now stay in the curves. A missing seed is not a lost unit: it stays in the number sown.</p>
    <p>Excluded: it should never count, because nobody knows which it is or it was set up wrongly. The result is given with it as well.</p>
    <Input v-model:value="reason" placeholder="What happened, in a few words" aria-label="What happened" :maxlength="300" />
    <p v-if="error" role="alert" class="wrong">{{ error }}</p>
    <p class="buttons">
      <Button type="primary" @click="mark('lost')">Mark {{ unit }} as lost</Button
      ><Button @click="mark('excluded')">Exclude {{ unit }}</Button
      ><Button v-if="gone" @click="mark('active')">Put {{ unit }} back</Button>
    </p>
  </Modal>
</template>

<style scoped>
.buttons {
  display: flex;
  gap: 10px;
  margin-top: 14px;
}
.wrong {
  margin-top: 10px;
  color: var(--rust);
}
</style>
