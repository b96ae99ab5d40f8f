<script setup lang="ts">
/**
 * A button that opens a file, or the camera of a phone. The library's own nests one button in another, of which a screen reader hears two.
 */
defineProps<{ label: string; accept: string; camera?: boolean; busy?: boolean; look?: 'main' | 'link' }>();
const emit = defineEmits<{ choose: [file: File] }>();
function take(event: Event): void {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file) emit('choose', file);
  // The same file can be chosen once more.
  input.value = '';
}
</script>

<template>
  <label :class="[look === 'link' ? 'link' : 'key', { main: look === 'main', busy }]"
    >{{ label }}
    <input
      type="file"
      class="visually-hidden"
      :accept="accept"
      :capture="camera ? 'environment' : undefined"
      :disabled="busy"
      @change="take"
    />
  </label>
</template>

<style scoped>
label {
  cursor: pointer;
}
.key {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 16px;
  border: 1.5px solid var(--sprout);
  border-radius: var(--radius);
  color: var(--sprout);
  font-weight: 700;
}
.main {
  background: var(--sprout);
  color: #fff;
}
.busy {
  opacity: 0.6;
  cursor: progress;
}
label:focus-within {
  outline: 3px solid var(--ink);
  outline-offset: 2px;
}
</style>
