<script setup lang="ts">
import type { Arm } from '@fern/core';
import ArmTicks from './ArmTicks.vue';

/** One thing that the kit is worked out from, and the groups that get it. */
defineProps<{ arms: readonly Arm[]; ticked: readonly string[] }>();
defineEmits<{ arms: [ticked: string[]] }>();
</script>

<template>
  <li class="item">
    <span class="line"><slot /></span>
    <span v-if="$slots.more" class="line"><slot name="more" /></span>
    <ArmTicks :arms="arms" :ticked="ticked" @change="$emit('arms', $event)" />
  </li>
</template>

<style scoped>
.item {
  display: grid;
  gap: 4px;
  padding-bottom: 8px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: baseline;
}
</style>
