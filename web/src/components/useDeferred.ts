import { onBeforeUnmount, ref } from 'vue';

/** False while a page is first drawn, true once the person can see it: for what is long to draw and below. */
export function useDeferred() {
  const later = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const frame = requestAnimationFrame(() => (timer = setTimeout(() => (later.value = true))));
  onBeforeUnmount(() => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  });
  return later;
}
