import { ref, watch, type Ref } from 'vue';

interface Entry {
  readonly open: Ref<boolean>;
  /** Puts into the fields what stands in what is mended, or what a new one begins with. */
  readonly fill: () => void;
  /** What is wrong with the fields; null where nothing is. */
  readonly wrong: Readonly<Ref<string | null>>;
}

/** What the forms for care, mishaps and photos share: filled when they open, told what is wrong once somebody tried to keep them, closed when kept. */
export function useEntry({ open, fill, wrong }: Entry) {
  const tried = ref(false);
  watch(
    open,
    (is) => {
      tried.value = false;
      if (is) fill();
    },
    { immediate: true },
  );

  /** @param write hands the entry on */
  function keep(write: () => void): void {
    tried.value = true;
    if (wrong.value === null) close(write);
  }

  /** Whatever stands in the fields. */
  function close(write: () => void): void {
    write();
    open.value = false;
  }
  return { tried, keep, close };
}
