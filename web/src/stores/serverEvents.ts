import { useDocumentVisibility } from '@vueuse/core';
import { onScopeDispose, watch } from 'vue';
import type { ExperimentRecord, News } from '@fern/contract';
import { api } from './api';
import { useDocument } from './document';
import { useLog } from './log';
import { useSession } from './session';

/**
 * Keeps the open experiment as it is on the server while others log in it: what they write stands here a moment later. Only while the page
 * is looked at, since a browser keeps few connections open; a page that comes back asks for what it missed.
 * @param reload takes in everything anew, as after a time without a connection
 */
export function useServerEvents(reload: () => Promise<void>): void {
  const documentStore = useDocument();
  const log = useLog();
  const session = useSession();
  const visible = useDocumentVisibility();
  let stream: EventSource | null = null;
  /** The newest version of the open experiment that was heard of. */
  let heard = { id: '', version: 0 };

  function close(): void {
    stream?.close();
    stream = null;
  }

  async function take(news: News): Promise<void> {
    if ('logged' in news) log.receive(news.logged);
    else {
      heard = { id: documentStore.id, version: news.version };
      await catchUp();
    }
  }

  /** What waits here to be saved goes first; what was heard meanwhile is taken over once that has been answered. */
  async function catchUp(): Promise<void> {
    if (heard.id === documentStore.id && heard.version > documentStore.version && documentStore.adopts)
      documentStore.adopt(await api.get<ExperimentRecord>(`/experiments/${documentStore.id}`));
  }

  function open(id: string): void {
    let isFirst = true;
    stream = new EventSource(`/api/experiments/${id}/news`);
    stream.onmessage = ({ data }) => void take(JSON.parse(String(data)) as News).catch(() => undefined);
    stream.onopen = () => {
      if (!isFirst) void reload();
      isFirst = false;
    };
  }

  watch(
    () => documentStore.adopts,
    () => void catchUp().catch(() => undefined),
  );
  watch(
    // As a getter: what is shallow would run this at every save.
    [
      () => (documentStore.experiment === null ? '' : documentStore.id),
      () => visible.value,
      () => session.account?.id ?? '',
      () => session.expired,
    ],
    ([id, seen, account, expired], before) => {
      close();
      if (!('EventSource' in window) || id === '' || account === '' || expired || seen !== 'visible') return;
      if (before[0] === id && before[1] === 'hidden') void reload();
      open(id);
    },
    { immediate: true },
  );
  onScopeDispose(close);
}
