import { expect, it } from 'vitest';
import { fuzz } from './fuzz';

it('60 malformed requests: no 5xx, each error a problem, all that is stored can be read, saved and exported', async () => {
  expect(await fuzz(60, 1)).toEqual([]);
});
