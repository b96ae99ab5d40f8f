import { computed, onBeforeUnmount, ref, watch } from 'vue';

/**
 * A long list, a slice a frame, so that the page answers while it is drawn. A short one comes whole.
 * @param items the whole list
 * @param each how many are drawn at once
 */
export function useIncrementalRender<Item>(items: () => readonly Item[], each: () => number) {
  const count = ref(0);
  let frame = 0;

  function more(): void {
    count.value = Math.min(items().length, count.value + each());
    if (count.value < items().length) frame = requestAnimationFrame(more);
  }
  watch(
    () => items().length,
    (length) => {
      cancelAnimationFrame(frame);
      count.value = Math.min(count.value, length);
      more();
    },
    { immediate: true },
  );
  onBeforeUnmount(() => cancelAnimationFrame(frame));
  return computed(() => (count.value >= items().length ? items() : items().slice(0, count.value)));
}
