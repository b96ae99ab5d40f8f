import { expect, it } from 'vitest';
import { useAttempt } from './attempt';

it('says that it is under way, then what went wrong; a new try begins without the old words', async () => {
  const { busy, error, attempt } = useAttempt();
  let fail: (error: Error) => void = () => undefined;
  const first = attempt(() => new Promise((_resolve, reject) => (fail = reject)));
  expect([busy.value, error.value]).toEqual([true, null]);
  fail(new Error('No answer from the server.'));
  await first;
  expect([busy.value, error.value]).toEqual([false, 'No answer from the server.']);
  const second = attempt(() => Promise.resolve());
  expect(error.value).toBeNull();
  await second;
  expect([busy.value, error.value]).toEqual([false, null]);
});
