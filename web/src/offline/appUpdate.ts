import { ref } from 'vue';
import { Workbox } from 'workbox-window';
import { useDocument } from '../stores/document';
import { useOutbox } from '../stores/outbox';

const ready = ref(false);
let workbox: Workbox | null = null;

/** Lets the app open without a network, where the browser allows it: on this computer, or over https. */
export function keepAppForOffline(): void {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return;
  workbox = new Workbox('/serviceWorker.js');
  workbox.addEventListener('waiting', () => (ready.value = true));
  // Not being kept for offline is no reason to stop: the app works as before.
  workbox.register().catch(() => undefined);
}

export function useAppUpdate() {
  async function take(): Promise<void> {
    await Promise.all([useDocument().flush(), useOutbox().send()]);
    workbox?.addEventListener('controlling', () => location.reload());
    workbox?.messageSkipWaiting();
  }
  return { ready, take };
}
