import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { BinLine, HistoryLine, PersonLine } from '@fern/contract';
import { api } from './api';

/** What a person can do about their own data: the bin, who is named, what was done. */
export const useAccount = defineStore('account', () => {
  const bin = shallowRef<readonly BinLine[]>([]);
  const people = shallowRef<readonly PersonLine[]>([]);
  const history = shallowRef<readonly HistoryLine[]>([]);

  async function load(): Promise<void> {
    const [inBin, named, done] = await Promise.all([
      api.get<BinLine[]>('/bin'),
      api.get<PersonLine[]>('/people'),
      api.get<HistoryLine[]>('/history'),
    ]);
    bin.value = inBin;
    people.value = named;
    history.value = done;
  }

  async function then(change: Promise<unknown>): Promise<void> {
    await change;
    await load();
  }

  return {
    bin,
    people,
    history,
    load,
    restore: (id: string) => then(api.post(`/bin/${id}`, {})),
    takeOut: (id: string) => then(api.delete(`/bin/${id}`)),
    erase: (name: string) => then(api.post('/people/erased', { name })),
    changePassword: (password: string, next: string) => then(api.put('/password', { password, next })),
    endAllSessions: () => api.delete('/sessions'),
  };
});
