<script setup lang="ts">
import { Select } from 'ant-design-vue';
import { computed } from 'vue';
import { hazardCodes, hazards, type Hazard } from '@fern/core';

/** What can hurt someone: several of a list, or that nothing can; null while nobody has said. */
const props = defineProps<{ value: readonly Hazard[] | null; label: string; disabled?: boolean }>();
const emit = defineEmits<{ change: [value: readonly Hazard[]] }>();
const NOTHING = 'nothing';
type Choice = Hazard | typeof NOTHING;
const options = [{ value: NOTHING, label: 'nothing' }, ...hazardCodes.map((value) => ({ value, label: hazards[value].label }))];
const chosen = computed((): Choice[] => (props.value === null ? [] : props.value.length === 0 ? [NOTHING] : [...props.value]));

/** “Nothing” goes when something is chosen, and everything else when “nothing” is. */
function choose(next: readonly Choice[]): void {
  const isNothing = next.at(-1) === NOTHING || next.length === 0;
  emit('change', isNothing ? [] : next.filter((one) => one !== NOTHING));
}
</script>

<template>
  <Select
    mode="multiple"
    :value="chosen"
    :options="options"
    :disabled="disabled"
    :aria-label="label"
    option-filter-prop="label"
    placeholder="not said yet"
    class="hazards"
    @change="(next) => choose(next as Choice[])"
  />
</template>

<style scoped>
.hazards {
  width: 100%;
  min-width: 220px;
  max-width: 460px;
}
</style>
