import { randomBytes } from 'node:crypto';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ExperimentRecord, ImportRecord, StudyRecord } from '@fern/contract';
import { unzipPackage, zipPackage, type Photo, lastOf, tupleOf } from '@fern/core';
import { anyPhoto, photoForm, pixel, anyPlan, startRoutes, type RouteFixture } from './routeFixtures';
import { MOST_PICTURE_BYTES } from './services/photos';
import { isPlainJpeg } from './services/plainJpeg';
import type { HttpAnswer } from './testServer';

let room: RouteFixture;
beforeAll(async () => (room = await startRoutes()));
afterAll(() => room.server.stop());

const made = async () => ((await room.teacher.call('POST', '/api/experiments', anyPlan)).body as ExperimentRecord).id;
const send = (id: string, entry: Photo, picture?: Uint8Array, name?: string) =>
  room.teacher.call('POST', `/api/experiments/${id}/photos`, photoForm(entry, picture, name));
const pictureOf = (id: string, file: string, size = '') => room.teacher.call('GET', `/api/experiments/${id}/photos/${file}${size}`);
const photosOf = async (id: string) => ((await room.teacher.call('GET', `/api/experiments/${id}/study`)).body as StudyRecord).photos;
const said = ({ body }: HttpAnswer) => (body as { detail: string }).detail;
const green = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#4a7a40' } });

describe('a photo', () => {
  it('is turned upright, made smaller, and leaves where it was taken behind', async () => {
    const id = await made();
    // As a phone writes it: lying, with the way up, the place and the camera beside the picture. Exif 2.32, section 4.6.6 (GPS).
    const sent = await green(2400, 1200)
      .withExif({ IFD0: { Make: 'Made-up', Copyright: 'M. Bracken' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '52/1 12/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect((await sharp(sent).metadata()).exif).toBeDefined();
    const { status, body } = await send(id, anyPhoto('a', { note: 'the first leaf' }), sent);
    expect([status, body]).toEqual([200, anyPhoto('a', { note: 'the first leaf', width: 800, height: 1600 })]);
    const kept = (await pictureOf(id, 'a.jpg')).body as Uint8Array;
    const { format, width, height, exif, orientation } = await sharp(kept).metadata();
    expect({ format, width, height, exif, orientation }).toEqual({
      format: 'jpeg',
      width: 800,
      height: 1600,
      exif: undefined,
      orientation: undefined,
    });
    expect(Buffer.from(kept).includes('Made-up')).toBe(false);
    expect(isPlainJpeg(kept)).toBe(true);
    const small = await sharp((await pictureOf(id, 'a.jpg', '?size=small')).body as Uint8Array).metadata();
    expect([small.width, small.height]).toEqual([200, 400]);
  });

  it('that is small and plain stays as it is, byte for byte', async () => {
    const id = await made();
    const sent = await green(300, 200).jpeg().toBuffer();
    await send(id, anyPhoto('a'), sent);
    expect(Buffer.from((await pictureOf(id, 'a.jpg')).body as Uint8Array).equals(sent)).toBe(true);
  });

  it.each<[string, () => Promise<Uint8Array> | Uint8Array, RegExp]>([
    ['a web page named .jpg', () => Buffer.from('<!doctype html><script>alert(1)</script>'), /not a photo that can be opened/],
    [
      'a drawing that holds a script',
      () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>1</script></svg>'),
      /not a photo/,
    ],
    ['an empty file', () => new Uint8Array(), /not a photo/],
    ['an animation', () => green(9, 9).gif().toBuffer(), /not a photo/],
    ['one that ends in its middle', async () => (await green(900, 900).jpeg().toBuffer()).subarray(0, 900), /broken/],
    ['60 MB', () => randomBytes(60 * 1024 * 1024), /larger than 20 MB/],
    ['more pixels than memory', () => green(12_000, 12_000).jpeg().toBuffer(), /100 million pixels/],
  ])('is refused in words, and nothing stored: %s', async (_, picture, words) => {
    const id = await made();
    const answer = await send(id, anyPhoto('a'), await picture());
    expect(said(answer)).toMatch(words);
    expect(said(answer)).toContain('Nothing was stored');
    expect([413, 422]).toContain(answer.status);
    expect(await photosOf(id)).toEqual([]);
  });

  it('with a page hidden behind its end is kept as the picture alone', async () => {
    const id = await made();
    const sent = Buffer.concat([await green(300, 200).jpeg().toBuffer(), Buffer.from('<script>alert(1)</script>')]);
    expect((await send(id, anyPhoto('a'), sent)).status).toBe(200);
    const answer = await pictureOf(id, 'a.jpg');
    expect(Buffer.from(answer.body as Uint8Array).includes('script')).toBe(false);
    expect(answer.headers.get('content-type')).toContain('image/jpeg');
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('sent twice is one; under its id nothing else is taken', async () => {
    const id = await made();
    const [first, again, other, words] = [
      await send(id, anyPhoto('a')),
      await send(id, anyPhoto('a')),
      await send(id, anyPhoto('a'), await green(3, 3).png().toBuffer()),
      await send(id, anyPhoto('a', { note: 'another' })),
    ];
    expect([first.status, again.status, other.status, words.status]).toEqual([200, 200, 409, 409]);
    expect(await photosOf(id)).toHaveLength(1);
  });

  it('of a unit that is not there is refused, and so is a form with something else in it', async () => {
    const id = await made();
    expect(said(await send(id, anyPhoto('a', { units: ['Q9'] })))).toMatch(/no dish Q9/);
    const more = photoForm(anyPhoto('a'));
    more.append('picture', new Blob([pixel]), 'second.jpg');
    expect((await room.teacher.call('POST', `/api/experiments/${id}/photos`, more)).status).toBe(422);
    const none = new FormData();
    none.append('entry', '{}');
    expect((await room.teacher.call('POST', `/api/experiments/${id}/photos`, none)).status).toBe(422);
    expect(await photosOf(id)).toEqual([]);
  });

  it('is mended and withdrawn with the old words kept, by one person at a time', async () => {
    const id = await made();
    await send(id, anyPhoto('a'));
    const mend = (entry: Photo) => room.teacher.call('POST', `/api/experiments/${id}/photos/revisions`, entry);
    const own = { file: 'a.jpg', replaces: 'a' };
    expect((await mend(anyPhoto('b', { ...own, on: '2026-04-06', units: ['D02'], note: 'it was D02' }))).status).toBe(200);
    expect((await mend(anyPhoto('c', { ...own }))).status).toBe(409);
    expect(said(await mend(anyPhoto('c', { file: 'z.jpg', replaces: 'b' })))).toMatch(/keeps its picture/);
    expect(said(await mend(anyPhoto('c', { replaces: null })))).toMatch(/Name the photo that is mended/);
    expect((await mend(anyPhoto('d', { file: 'a.jpg', replaces: 'b', withdrawn: true }))).status).toBe(200);
    expect((await photosOf(id)).map((one) => [one.id, one.withdrawn])).toEqual([
      ['a', false],
      ['d', true],
      ['b', false],
    ]);
  });

  it('that shows a face can be removed for good, once it is withdrawn; what was said stays, and the package can be read', async () => {
    const id = await made();
    await send(id, anyPhoto('a'));
    const remove = () => room.teacher.call('DELETE', `/api/experiments/${id}/photos/a.jpg`);
    expect(said(await remove())).toMatch(/Withdraw it first/);
    await room.teacher.call(
      'POST',
      `/api/experiments/${id}/photos/revisions`,
      anyPhoto('b', { file: 'a.jpg', replaces: 'a', withdrawn: true }),
    );
    expect((await remove()).status).toBe(204);
    expect((await remove()).status).toBe(404);
    expect((await pictureOf(id, 'a.jpg')).status).toBe(404);
    expect(await photosOf(id)).toHaveLength(2);
    const pack = (await room.teacher.call('GET', `/api/experiments/${id}/package`)).body;
    expect((await room.teacher.call('POST', '/api/packages', pack)).status).toBe(201);
    const history = (await room.teacher.call('GET', '/api/history')).body as { what: string; experimentId: string }[];
    expect(history.filter((line) => line.experimentId === id).map(({ what }) => what)).toContain('picture');
  });

  it('keeps its unit and its arm from being taken away, as care and mishaps do; so the package can be read', async () => {
    const id = await made();
    const [control, other] = tupleOf(anyPlan.arms, 2);
    const last = lastOf(anyPlan.units);
    const without = async (change: Partial<typeof anyPlan>) => {
      const { version } = (await room.teacher.call('GET', `/api/experiments/${id}`)).body as ExperimentRecord;
      return room.teacher.call('PUT', `/api/experiments/${id}`, { version, experiment: { ...anyPlan, ...change } });
    };
    await send(id, anyPhoto('a', { units: [last.code] }));
    const refused = await without({ units: anyPlan.units.slice(0, -1) });
    expect([refused.status, said(refused)]).toEqual([422, expect.stringContaining(`names unit ${last.code}`)]);
    await room.teacher.call('POST', `/api/experiments/${id}/care`, {
      ...{ id: 'c', on: '2026-04-02', units: [], arms: [other.code], kind: 'water', amount: 1, amountUnit: 'mL', note: null },
    });
    const left = { ...last, arm: control.code };
    expect(said(await without({ arms: [control], units: [left] }))).toMatch(/Care, a mishap or a photo names/);
    expect((await without({ units: anyPlan.units.slice(1) })).status).toBe(200);
  });

  it('is told to who has the experiment open', async () => {
    const id = await made();
    const { response, stop } = await room.teacher.listen(`/api/experiments/${id}/news`);
    await send(id, anyPhoto('a'));
    const reader = response.body?.getReader();
    let text = '';
    while (!text.includes('logged')) text += new TextDecoder().decode((await reader?.read())?.value);
    stop();
    expect(text).toContain('"kind":"photo"');
  });

  it('sent by a whole class at once: each is stored, or told to come again', async () => {
    const id = await made();
    const picture = await green(1500, 1500).jpeg().toBuffer();
    const answers = await Promise.all(Array.from({ length: 40 }, (_, i) => send(id, anyPhoto(`p${i}`), picture)));
    const count = (status: number) => answers.filter((answer) => answer.status === status).length;
    expect(count(200) + count(429)).toBe(40);
    expect(await photosOf(id)).toHaveLength(count(200));
    expect(count(200)).toBeGreaterThan(0);
  });

  it('is all that 60 MB take', async () => {
    const id = await made();
    await send(id, anyPhoto('a'));
    // Noise does not get smaller: a few of these are enough.
    const blob = randomBytes(MOST_PICTURE_BYTES - 10);
    await room.server.database.write(({ statements }) =>
      statements.run('INSERT INTO pictures (experimentId, file, bytes, small, madeFrom) VALUES (?, ?, ?, ?, ?)', [
        id,
        'big.jpg',
        blob,
        pixel,
        'x',
      ]),
    );
    const answer = await send(id, anyPhoto('b'), await green(30, 30).png().toBuffer());
    expect([answer.status, said(answer)]).toEqual([422, expect.stringMatching(/come to 60 MB/)]);
    expect(await photosOf(id)).toHaveLength(1);
  });
});

describe('in the package', () => {
  it('photos go out and come in as they were, picture and words', async () => {
    const id = await made();
    const sent = await green(640, 480).jpeg().toBuffer();
    await send(id, anyPhoto('a', { note: '=the bench', units: [], arms: [] }), sent);
    await send(id, anyPhoto('b', { units: ['D01', 'D02'] }));
    const pack = (await room.teacher.call('GET', `/api/experiments/${id}/package`)).body as Uint8Array;
    const unzipped = unzipPackage(pack);
    if ('problems' in unzipped) throw new Error('it cannot be read');
    expect([...unzipped.pictures.keys()]).toEqual(['a.jpg', 'b.jpg']);
    expect(unzipped.files['photos.csv']).toContain("'=the bench");
    const { id: copy } = (await room.teacher.call('POST', '/api/packages', pack)).body as ImportRecord;
    expect(await photosOf(copy)).toEqual(await photosOf(id));
    for (const file of ['a.jpg', 'b.jpg']) expect((await pictureOf(copy, file)).body).toEqual((await pictureOf(id, file)).body);
    expect((await room.teacher.call('GET', `/api/experiments/${copy}/package`)).body).toEqual(pack);
  });

  it('one whose picture is missing, or is none, is refused with its place, and nothing stored', async () => {
    const id = await made();
    await send(id, anyPhoto('a'));
    const before = ((await room.teacher.call('GET', '/api/experiments')).body as unknown[]).length;
    const unzipped = unzipPackage((await room.teacher.call('GET', `/api/experiments/${id}/package`)).body as Uint8Array);
    if ('problems' in unzipped) throw new Error('it cannot be read');
    const without = await room.teacher.call('POST', '/api/packages', zipPackage(unzipped.files));
    expect([without.status, said(without)]).toEqual([422, expect.stringContaining('photos.csv:2:file: there is no picture photos/a.jpg')]);
    const script = await room.teacher.call(
      'POST',
      '/api/packages',
      zipPackage(unzipped.files, new Map([['a.jpg', Buffer.from('<script>1</script>')]])),
    );
    expect([script.status, said(script)]).toEqual([422, expect.stringMatching(/photos\/a\.jpg: This is not a photo/)]);
    expect(((await room.teacher.call('GET', '/api/experiments')).body as unknown[]).length).toBe(before);
  });

  it('nobody else sees them, signed in or not', async () => {
    const id = await made();
    await send(id, anyPhoto('a'));
    expect((await room.stranger.call('GET', `/api/experiments/${id}/photos/a.jpg`)).status).toBe(404);
    expect((await room.server.caller().call('GET', `/api/experiments/${id}/photos/a.jpg`)).status).toBe(401);
  });
});
