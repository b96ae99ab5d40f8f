<script setup lang="ts">
import { badgeOf, type Arm } from '@fern/core';

/** Which arms something goes to: none ticked means all. */
const props = defineProps<{ arms: readonly Arm[]; ticked: readonly string[] }>();
const emit = defineEmits<{ change: [ticked: string[]] }>();
const toggle = (arm: string) =>
  emit('change', props.ticked.includes(arm) ? props.ticked.filter((own) => own !== arm) : [...props.ticked, arm]);
</script>

<template>
  <span class="arms small"
    ><label v-for="{ code: arm } in arms" :key="arm"
      ><input type="checkbox" :checked="ticked.includes(arm)" @change="toggle(arm)" /> {{ badgeOf(arms, arm) }}</label
    ></span
  >
</template>

<style scoped>
.arms {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
}
</style>
