import { expect, it } from 'vitest';
import { fuzz } from './fuzz';

it('1,000 bent requests over every route: no 5xx, each error a problem, all that is stored can be read, saved and exported', async () => {
  expect(await fuzz(1000, 1)).toEqual([]);
});
