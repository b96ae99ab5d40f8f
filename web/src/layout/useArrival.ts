import { useTitle } from '@vueuse/core';
import { computed, nextTick, onBeforeUnmount } from 'vue';
import { START_LOCATION, useRoute, useRouter, type RouteLocationNormalized } from 'vue-router';
import { useDocument } from '../stores/document';

const LONGEST_WAIT_MS = 30_000;

/** After a navigation the title says page and experiment, and the focus is on the page's heading, so that it is heard. */
export function useArrival(): void {
  const route = useRoute();
  const router = useRouter();
  const document_ = useDocument();
  useTitle(
    computed(() => {
      const experiment = typeof route.params.id === 'string' && document_.id === route.params.id ? document_.experiment?.title : undefined;
      return [route.meta.title, experiment ?? 'Fern Test'].filter((part) => part !== undefined).join(' · ');
    }),
  );

  let stopWaiting: () => void = () => undefined;
  const off = router.afterEach((to, from, failure) => {
    if (failure || from === START_LOCATION || (to.path === from.path && to.hash === from.hash)) return;
    stopWaiting();
    stopWaiting = focusOn(to);
  });
  onBeforeUnmount(() => {
    off();
    stopWaiting();
  });
}

/**
 * Puts the focus on the heading, or on what the address names, once it is there; not where the page or the person has put it elsewhere.
 * @returns what ends the waiting
 */
function focusOn({ hash }: RouteLocationNormalized): () => void {
  const before = document.activeElement;
  let isOver = false;
  const find = () => document.querySelector<HTMLElement>(hash === '' ? 'h1:not([data-waiting])' : `[id="${CSS.escape(hash.slice(1))}"]`);
  const look = () => {
    const isElsewhere = document.activeElement !== before && document.activeElement !== document.body;
    const target = isElsewhere ? null : find();
    if (target) focusOnText(target);
    if (isElsewhere || target) stop();
  };
  const watching = new MutationObserver(look);
  const wait = setTimeout(() => stop(), LONGEST_WAIT_MS);
  function stop(): void {
    isOver = true;
    watching.disconnect();
    clearTimeout(wait);
  }
  void nextTick(() => {
    if (isOver) return;
    watching.observe(document.body, { childList: true, subtree: true });
    look();
  });
  return stop;
}

/** Focus on what is read and not pressed. */
export function focusOnText(text: HTMLElement): void {
  text.tabIndex = -1;
  text.focus({ preventScroll: text.tagName === 'H1' });
}
