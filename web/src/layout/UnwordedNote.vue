<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { computed } from 'vue';
import { unword, type UnwordedText } from '@fern/core';
import { useHistory } from '../stores/history';
import { useLoaded } from './loaded';

/** Whether a text is written from the plan or somebody's own, with a way back. */
const props = defineProps<{ text: UnwordedText; name: string }>();
const { experiment } = useLoaded();
const history = useHistory();
const follows = computed(() => experiment.value.plan.unworded.includes(props.text));
</script>

<template>
  <p v-if="!history.frozen" class="soft small">
    <template v-if="follows">Written from the plan, and follows it. Type to word it yourself.</template>
    <Button v-else type="link" size="small" :aria-label="`Write ${name} from the plan`" @click="history.edit((now) => unword(now, text))"
      >Write it from the plan</Button
    >
  </p>
</template>

<style scoped>
p {
  margin: -9px 0 0;
  font-weight: 400;
}
.ant-btn {
  padding: 0;
}
</style>
