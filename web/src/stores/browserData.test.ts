import { openDB } from 'idb';
import { beforeEach, expect, it } from 'vitest';
import { freshBrowser } from '../testing';
import { browserData } from './browserData';

beforeEach(freshBrowser);

it('what the version before kept in this browser is still there, and edits can be kept beside it', async () => {
  const before = await openDB('fern-test', 1, {
    upgrade(database) {
      database.createObjectStore('waiting', { keyPath: 'id' });
      database.createObjectStore('kept', { keyPath: ['account', 'path'] });
    },
  });
  await before.put('waiting', { id: 'r1', account: 'me', experiment: 'x', kind: 'reading', content: { id: 'r1' } });
  before.close();
  const data = await browserData();
  expect([...data.objectStoreNames].sort()).toEqual(['drafts', 'kept', 'waiting']);
  expect((await data.getAll('waiting')).map(({ id }) => id)).toEqual(['r1']);
});
