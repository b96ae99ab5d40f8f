import { afterEach, expect, it, vi } from 'vitest';
import { api } from './api';

const answer = (words: string, status = 200) => new Response(JSON.stringify(words), { status });
const early = (response: Response | null) => (globalThis.earlyAnswers = new Map([['/experiments', Promise.resolve(response)]]));

function server() {
  const fetched = vi.fn(() => Promise.resolve(answer('asked now')));
  vi.stubGlobal('fetch', fetched);
  return fetched;
}
afterEach(() => {
  vi.unstubAllGlobals();
  globalThis.earlyAnswers = undefined;
});

it('of two who ask at once, one has the early answer and the other one of its own', async () => {
  const fetched = server();
  early(answer('asked early'));
  expect(await Promise.all([api.get('/experiments'), api.get('/experiments')])).toEqual(['asked early', 'asked now']);
  expect(fetched).toHaveBeenCalledTimes(1);
});

it.each([
  ['a refusal', answer('who are you?', 401)],
  ['no answer', null],
])('asks again where the early answer was %s', async (_, response) => {
  server();
  early(response);
  expect(await api.get('/experiments')).toBe('asked now');
});

it('what was asked early is old once something was changed', async () => {
  server();
  early(answer('asked early'));
  await api.post('/packages', {});
  expect(await api.get('/experiments')).toBe('asked now');
});
