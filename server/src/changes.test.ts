import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { News } from '@fern/contract';
import { plan, reading, startClassroom } from './classroom';

let room: Awaited<ReturnType<typeof startClassroom>>;
beforeAll(async () => {
  room = await startClassroom();
});
afterAll(() => room.server.stop());

/** Listens like a page that has an experiment open, until so much was told. */
async function told(id: string, count: number, act: () => Promise<unknown>): Promise<News[]> {
  const { response, stop } = await room.teacher.listen(`/api/experiments/${id}/news`);
  expect(response.headers.get('content-type')).toBe('text/event-stream');
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  const news: News[] = [];
  await act();
  for (let text = ''; reader && news.length < count;) {
    text += (await reader.read()).value ?? '';
    const events = text.split('\n\n');
    text = events.pop() ?? '';
    news.push(...events.flatMap((event) => (event.startsWith('data: ') ? [JSON.parse(event.slice(6)) as News] : [])));
  }
  stop();
  return news;
}

describe('who has an experiment open', () => {
  it('is told at once of what another logs in it, and of nothing else', async () => {
    const { teacher, id } = room;
    const other = ((await teacher.call('POST', '/api/experiments', { ...plan, title: 'Another' })).body as { id: string }).id;
    const news = await told(id, 2, async () => {
      await teacher.call('POST', `/api/experiments/${other}/observations`, { observations: [reading('elsewhere')] });
      await teacher.call('POST', `/api/experiments/${id}/observations`, { observations: [reading('here', { value: 4 })] });
      await teacher.call('PATCH', `/api/experiments/${id}/units/D02`, { status: 'lost', statusReason: null, lostOn: null });
    });
    expect(news[0]).toMatchObject({ logged: [{ kind: 'reading', content: { id: 'here', unit: 'D01', value: 4 } }] });
    expect(news[1]).toEqual({ version: expect.any(Number) });
  });

  it('is another account’s to nobody', async () => {
    expect((await room.stranger.call('GET', `/api/experiments/${room.id}/news`)).status).toBe(404);
  });
});
