<script setup lang="ts">
import { Button, Textarea } from 'ant-design-vue';
import { defineAsyncComponent, ref } from 'vue';
import type { Experiment } from '@fern/core';

/** A claim in the person's own words. What takes it apart is a whole language package: it comes when it is asked for. */
defineProps<{ busy: boolean }>();
defineEmits<{ test: [experiment: Experiment] }>();
const ClaimApart = defineAsyncComponent(() => import('./ClaimApart.vue'));
const text = ref('');
const read = ref('');
</script>

<template>
  <section class="claim" aria-label="A claim in your own words">
    <h2>Or type what someone says</h2>
    <Textarea
      v-model:value="text"
      :auto-size="{ minRows: 2, maxRows: 5 }"
      :maxlength="600"
      placeholder="“Honey makes cuttings root twice as fast”"
      aria-label="The claim"
      @keydown.enter.prevent="read = text.trim()"
    />
    <Button class="take" :disabled="text.trim() === ''" @click="read = text.trim()">Take it apart</Button>
    <ClaimApart v-if="read !== ''" :text="read" :busy="busy" @test="$emit('test', $event)" />
  </section>
</template>

<style scoped>
.claim {
  margin: 18px 0 8px;
  padding-bottom: 14px;
  border-bottom: 1px solid var(--line);
}
h2 {
  margin-bottom: 8px;
}
.claim > :deep(textarea) {
  max-width: 640px;
}
.take {
  display: block;
  margin-top: 8px;
}
</style>
