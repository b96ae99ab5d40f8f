<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { onMounted, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { plural } from '@fern/core';
import { useLoaded } from '../layout/loaded';
import { focusOnText } from '../layout/useArrival';

/** The end of a walk: what is still missing, and where to go from here. */
defineProps<{ visit: string; left: number; extra: boolean }>();
const emit = defineEmits<{ missing: []; last: [] }>();
const { id, experiment } = useLoaded();
const head = ref<HTMLElement | null>(null);
onMounted(() => head.value && focusOnText(head.value));
</script>

<template>
  <section>
    <h1 ref="head">
      {{
        extra
          ? 'The walk is over'
          : left === 0
            ? `All ${plural(experiment.plan.unitNoun)} are read`
            : `${left} ${left === 1 ? 'reading is' : 'readings are'} still missing`
      }}
    </h1>
    <p class="soft">{{ experiment.title }}, {{ visit }}.</p>
    <p class="thumb-buttons">
      <Button v-if="left > 0 && !extra" type="primary" size="large" @click="emit('missing')">Go to the first missing one</Button>
      <RouterLink :to="{ name: 'weigh', params: { id } }"
        ><Button :type="left === 0 || extra ? 'primary' : 'default'" size="large">Weigh up</Button></RouterLink
      >
      <RouterLink to="/"><Button size="large">Back to Today</Button></RouterLink>
      <button type="button" class="link" @click="emit('last')">Back to the last {{ experiment.plan.unitNoun }}</button>
    </p>
  </section>
</template>

<style scoped>
h1 {
  margin: 6px 0 16px;
  font-size: 21px;
}
</style>
