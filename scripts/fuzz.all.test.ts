import { expect, it } from 'vitest';
import { fuzz } from './fuzz';

it('400 malformed requests over every route: no 5xx, each error a problem, all that is stored can be read, saved and exported', async () => {
  expect(await fuzz(400, 2)).toEqual([]);
});
