<script setup lang="ts">
/** Severity as a shape before it is a colour: triangle (serious), diamond (caution), tick (fine), ring (note). */
defineProps<{ severity: 'blocker' | 'serious' | 'caution' | 'note' | 'fine' }>();
const words = { blocker: 'Stop:', serious: 'Serious:', caution: 'Take care:', note: 'Note:', fine: 'Fine:' } as const;
</script>

<template>
  <span class="mark">
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      <template v-if="severity === 'serious' || severity === 'blocker'">
        <path d="M8 1L15 14H1Z" fill="#A63D1E" />
        <path d="M8 6v4M8 11.4v1.2" stroke="#fff" stroke-width="1.7" />
      </template>
      <path v-else-if="severity === 'caution'" d="M8 1L15 8L8 15L1 8Z" fill="#E2A400" />
      <circle v-else-if="severity === 'note'" cx="8" cy="8" r="5" fill="none" stroke="#4A615A" stroke-width="2" />
      <path v-else d="M2 8.5l4 4L14 3.5" fill="none" stroke="#2F7D4F" stroke-width="2.6" />
    </svg>
    <span class="visually-hidden">{{ words[severity] }}</span>
  </span>
</template>

<style scoped>
.mark {
  position: relative;
  padding-top: 3px;
}
</style>
