import { entryOf } from '@fern/core';
import type { Directive } from 'vue';

const stops = (root: HTMLElement) => [...root.querySelectorAll<HTMLElement>('button:not(:disabled), a[href]')];
const isAlong: Readonly<Record<string, (at: number, count: number) => number>> = {
  ArrowRight: (at) => at + 1,
  ArrowDown: (at) => at + 1,
  ArrowLeft: (at) => at - 1,
  ArrowUp: (at) => at - 1,
  Home: () => 0,
  End: (_, count) => count - 1,
};

/** Only one of them is reached by Tab: that which had the focus last, else the present one, else the first. */
function settle(root: HTMLElement): void {
  const all = stops(root);
  const now =
    all.find((own) => own === document.activeElement) ??
    all.find((own) => own.tabIndex === 0 && root.dataset.entered !== undefined) ??
    all.find((own) => own.matches('[aria-current], [aria-pressed="true"]')) ??
    all[0];
  for (const own of all) own.tabIndex = own === now ? 0 : -1;
}

/** A row of buttons or links as one tab stop: arrows go along it, Home and End to its ends. */
export const vRovingTabindex: Directive<HTMLElement> = {
  mounted(root) {
    settle(root);
    root.addEventListener('focusin', () => {
      root.dataset.entered = '';
      settle(root);
    });
    root.addEventListener('keydown', (event) => {
      const all = stops(root);
      const at = all.findIndex((own) => own === event.target);
      if (at < 0 || !Object.hasOwn(isAlong, event.key) || event.ctrlKey || event.altKey || event.metaKey) return;
      event.preventDefault();
      all[Math.max(0, Math.min(all.length - 1, entryOf(isAlong, event.key)(at, all.length)))]?.focus();
    });
  },
  updated: settle,
};
