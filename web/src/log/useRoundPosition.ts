import { computed, ref, watch, type Ref } from 'vue';
import { openItems, type RoundItem } from '@fern/core';

/**
 * Where one stands on a round: it begins at the first item without a reading, as soon as the items are known.
 * @param arrive told whenever one comes to an item
 */
export function useRoundPosition(items: Readonly<Ref<readonly RoundItem[]>>, arrive: () => void) {
  const at = ref(-1);
  const item = computed<RoundItem | null>(() => items.value[at.value] ?? null);
  const open = computed(() => openItems(items.value));
  const left = computed(() => open.value.length);
  const finished = computed(() => at.value >= items.value.length);
  const done = computed(() => new Set(items.value.filter(({ reading }) => reading !== null).map(({ unit }) => unit.code)));

  function goTo(index: number): void {
    at.value = Math.max(0, Math.min(index, items.value.length));
    arrive();
  }

  function begin(): void {
    if (items.value.length === 0 || at.value >= 0) return;
    const first = items.value.findIndex((own) => open.value.includes(own));
    goTo(Math.max(0, first));
  }

  return { at, item, left, finished, done, goTo, begin: () => watch(() => items.value.length, begin, { immediate: true }) };
}
