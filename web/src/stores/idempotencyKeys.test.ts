import { expect, it } from 'vitest';
import { useIdempotencyKeys } from './idempotencyKeys';

it('what is sent again has the same key until it is stored; other content has another', () => {
  const keys = useIdempotencyKeys();
  const first = keys.keyFor('a cat');
  expect(keys.keyFor('a cat')).toBe(first);
  expect(keys.keyFor('two cats')).not.toBe(first);
  keys.stored('a cat');
  expect(keys.keyFor('a cat')).not.toBe(first);
  expect(first).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7/);
});
