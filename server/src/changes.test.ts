import { itemAt } from '@fern/core';
import { connect } from 'node:net';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { News } from '@fern/contract';
import { password, anyPlan, anyReading, startRoutes } from './routeFixtures';
import { startSession } from './services/accounts';

let room: Awaited<ReturnType<typeof startRoutes>>;
beforeAll(async () => {
  room = await startRoutes();
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
    const other = ((await teacher.call('POST', '/api/experiments', { ...anyPlan, title: 'Another' })).body as { id: string }).id;
    const news = await told(id, 2, async () => {
      await teacher.call('POST', `/api/experiments/${other}/observations`, { observations: [anyReading('elsewhere')] });
      await teacher.call('POST', `/api/experiments/${id}/observations`, { observations: [anyReading('here', { value: 4 })] });
      await teacher.call('PATCH', `/api/experiments/${id}/units/D02`, { status: 'lost', statusReason: null, lostOn: null });
    });
    expect(news[0]).toMatchObject({ logged: [{ kind: 'reading', content: { id: 'here', unit: 'D01', value: 4 } }] });
    expect(news[1]).toEqual({ version: expect.any(Number) });
  });

  it('is another account’s to nobody', async () => {
    expect((await room.stranger.call('GET', `/api/experiments/${room.id}/news`)).status).toBe(404);
  });
});

describe('a stream', () => {
  const news = () => `/api/experiments/${room.id}/news`;
  /** Resolves when the server has ended it. */
  async function ended(response: Response): Promise<string> {
    let said = '';
    for (const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader(); reader;) {
      const { done, value } = await reader.read();
      if (done) break;
      said += value;
    }
    return said;
  }

  it('of a client that left before its look-up had ended is not counted: 80 such, and the account is still told', async () => {
    const { id } = (await room.server.database.models.accounts.findOne({ where: { name: 'M. Bracken' }, raw: true })) ?? { id: '' };
    const token = await startSession(room.server.database, id);
    const { hostname, port } = new URL((await room.teacher.listen('/api/session')).response.url);
    const { statements } = room.server.database;
    const quick = statements.all;
    let release = (): void => undefined;
    const gate = new Promise<void>((resolve) => (release = resolve));
    const all = vi.spyOn(statements, 'all').mockImplementation(async (...asked) => {
      await gate;
      return quick(...asked);
    });
    const sockets = Array.from({ length: 80 }, () => {
      const socket = connect(Number(port), hostname);
      socket.write(`GET ${news()} HTTP/1.1\r\nHost: ${hostname}:${port}\r\nCookie: fern_session=${token}\r\n\r\n`);
      return socket;
    });
    await vi.waitFor(() => expect(all).toHaveBeenCalledTimes(80), 60_000);
    await Promise.all(sockets.map((socket) => new Promise((resolve) => socket.once('close', resolve).destroy())));
    expect((await room.teacher.call('GET', '/api/nowhere')).status).toBe(404);
    release();
    all.mockRestore();
    const { response, stop } = await room.teacher.listen(news());
    expect([response.status, response.headers.get('content-type')]).toEqual([200, 'text/event-stream']);
    stop();
  });

  it('ends with its session: signed out here, or everywhere, or by a new password; another’s goes on', async () => {
    const enter = async () => {
      const other = room.server.caller();
      await other.call('POST', '/api/session', { name: 'M. Bracken', password });
      return other;
    };
    const [one, two, three] = [await enter(), await enter(), await enter()];
    const streams = await Promise.all([one, two, three].map((who) => who.listen(news())));
    await one.call('DELETE', '/api/session');
    expect(await ended(itemAt(streams, 0).response)).toContain('retry');
    await two.call('PUT', '/api/password', { password, next: `${password} again` });
    expect(await ended(itemAt(streams, 2).response)).toContain('retry');
    const still = ended(itemAt(streams, 1).response);
    await two.call('POST', `/api/experiments/${room.id}/observations`, { observations: [anyReading('still told')] });
    await two.call('DELETE', '/api/sessions');
    expect(await still).toContain('still told');
  });
});
