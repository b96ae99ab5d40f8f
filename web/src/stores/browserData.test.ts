import { blankOf, experimentFields, incidentFields, packColumns, withFormerNames } from '@fern/core';
import { openDB } from 'idb';
import { beforeEach, expect, it } from 'vitest';
import { freshBrowser, startedStudy } from '../testing';
import { browserData } from './browserData';
import { storedDrafts } from './drafts';
import { pendingEntry, storedPending, storePending } from './pendingSync';
import { keptStudy } from './studies';

beforeEach(freshBrowser);

const anIncidentOf = (note: string) => ({ ...blankOf(incidentFields), id: note, on: '2026-04-03', kind: 'other' as const, note });

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

it('an experiment and edits that were kept under former names are read under those of now', async () => {
  const study = startedStudy();
  const { experiment } = study;
  const former = withFormerNames(experimentFields, experiment);
  const put = (await browserData()).transaction(['kept', 'drafts'], 'readwrite');
  const cat = anIncidentOf('a cat');
  const { incidents: _none, ...rest } = study;
  const answer = { ...rest, happenings: [cat], version: 1, observations: packColumns(study.observations), experiment: former };
  void put.objectStore('kept').put({ account: 'me', path: '/experiments/x/study?as=columns', answer, at: 1 });
  // What the version before wrote has another type than what is written now.
  const draft: unknown = { account: 'me', experiment: 'x', page: 'p', base: former, mine: { ...former, title: 'Edited' }, held: false };
  void put.objectStore('drafts').put(draft as never);
  await put.done;
  expect((await keptStudy('me', 'x'))?.packed).toMatchObject({ experiment, incidents: [cat] });
  expect(await storedDrafts('me', 'x')).toMatchObject([{ base: experiment, mine: { ...experiment, title: 'Edited' } }]);
});

it('an incident waits under the name by which a tab of the version before would send it', async () => {
  const entry = pendingEntry('me', 'x', { kind: 'incident', content: anIncidentOf('a draught') });
  await storePending([entry]);
  expect(await (await browserData()).getAll('waiting')).toEqual([{ ...entry, kind: 'happening' }]);
  expect(await storedPending()).toEqual([entry]);
});
