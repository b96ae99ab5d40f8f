<script setup lang="ts">
import GroupBadge from '../groupBadge/GroupBadge.vue';
import type { DueTask } from '../stores/experiments';
import { colours } from '@fern/paper/look';
import { initials, taskWords } from './taskWords';

/** Walks and steps to do, a line each: what, in which experiment, and a button at its end. */
const props = defineProps<{ tasks: readonly DueTask[]; label: string; late?: boolean; when: (due: DueTask) => string }>();
const look = props.late
  ? { fill: colours.rustWash, stroke: colours.rust, text: colours.rust, dash: [], hollow: true }
  : { fill: colours.paper, stroke: colours.ink, text: colours.ink, dash: [], hollow: true };
</script>

<template>
  <ol :aria-label="label">
    <li v-for="due in tasks" :key="`${due.id}-${due.day}-${due.step}`">
      <GroupBadge :text="initials(due.title)" :look="look" :size="44" />
      <div>
        <b>{{ taskWords(due) }}</b><span class="soft small">{{ due.title }}</span>
      </div>
      <span class="soft small">{{ when(due) }}</span>
      <slot :due="due" />
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) 190px 110px;
  gap: 14px;
  align-items: center;
  padding: 13px 0;
  border-bottom: 1px solid var(--hair);
}
b {
  display: block;
  font: 600 17px var(--head);
}
li :slotted(button) {
  justify-self: end;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: 46px minmax(0, 1fr);
  }
  li > :nth-child(3) {
    grid-column: 2;
  }
  li :slotted(button) {
    grid-column: 2;
    justify-self: start;
    min-height: 48px;
  }
}
</style>
