import { useElementSize, useMediaQuery } from '@vueuse/core';
import { computed, nextTick, ref, type Ref } from 'vue';
import type { Unit } from '@fern/core';

/** Places smaller than this on the screen, px, are not for a thumb. */
const TOO_SMALL = 40;
const NEAR = 52;

/**
 * For a thumb, a bench whose places are too small is looked at closer first: by its first tap, or by a button.
 * @param view the element that holds the drawing
 * @param drawn the drawing's width and the size of a place in it
 */
export function useCloserLook(view: Ref<HTMLElement | null>, drawn: () => { readonly width: number; readonly tile: number }) {
  const isForThumb = useMediaQuery('(max-width: 600px), (pointer: coarse)');
  const { width } = useElementSize(view);
  const near = ref(false);
  const isSmall = computed(() => isForThumb.value && width.value > 0 && (width.value / drawn().width) * drawn().tile < TOO_SMALL);
  const isFar = computed(() => isSmall.value && !near.value);
  const isNear = computed(() => isSmall.value && near.value);
  const drawnWidth = computed(() => (isNear.value ? `${(drawn().width * NEAR) / drawn().tile}px` : '100%'));
  async function lookAt({ code: unit }: Unit): Promise<void> {
    near.value = true;
    await nextTick();
    view.value?.querySelector(`[data-unit="${CSS.escape(unit)}"]`)?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }
  return { near, isSmall, isFar, isNear, drawnWidth, lookAt };
}
