import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils';
import { disposePinia, getActivePinia } from 'pinia';
import { afterAll, vi } from 'vitest';

// Files of tests share one browser window: what one leaves behind, the next would see and hear. Hooks run last one first.
afterAll(() => {
  disableAutoUnmount();
  const last = getActivePinia();
  if (last) disposePinia(last);
  document.body.innerHTML = '';
  vi.useRealTimers();
  vi.restoreAllMocks();
});
enableAutoUnmount(afterAll);
// A page may still ask for something as it is left; the answer would come into the next file.
afterAll(() => void vi.stubGlobal('fetch', () => new Promise<never>(() => undefined)));
