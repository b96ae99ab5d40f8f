import { computed, onBeforeUnmount, ref, watch } from 'vue';

const CELLS_AT_ONCE = 4000;

/** Rows of a large table, a slice a frame, so that the page answers while they come. Small tables come whole. */
export function useSlices(rows: () => readonly (readonly string[])[]) {
  const each = computed(() => Math.max(1, Math.floor(CELLS_AT_ONCE / Math.max(1, rows()[0]?.length ?? 1))));
  const count = ref(0);
  let frame = 0;

  function more(): void {
    count.value = Math.min(rows().length, count.value + each.value);
    if (count.value < rows().length) frame = requestAnimationFrame(more);
  }
  watch(
    () => rows().length,
    () => {
      cancelAnimationFrame(frame);
      count.value = 0;
      more();
    },
    { immediate: true },
  );
  onBeforeUnmount(() => cancelAnimationFrame(frame));
  return computed(() => (count.value >= rows().length ? rows() : rows().slice(0, count.value)));
}
