import type { VueWrapper } from '@vue/test-utils';
import { getActivePinia, type Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { addDays, blankOf, byCode, itemAt, photoFields, tupleOf, type Photo, type Study } from '@fern/core';
import { eventually, fakeServer, mountLoaded, startedStudy, type FakeServer } from '../testing';
import { useOutbox } from '../stores/outbox';
import { today } from '../stores/today';
import PhotoDialog from './PhotoDialog.vue';
import PhotosPage from './PhotosPage.vue';
import { preparePicture } from './preparePicture';

vi.mock('./preparePicture', () => ({ preparePicture: vi.fn() }));
const shot = (id: string, days: number, more: Partial<Photo> = {}): Photo => ({
  ...blankOf(photoFields),
  ...{ id, on: addDays(today(), days), file: `${id}.jpg`, width: 40, height: 30 },
  ...more,
});
const base = startedStudy();
const [first, second] = tupleOf(
  base.experiment.arms.map(
    ({ code: arm }) =>
      itemAt(
        base.experiment.units.filter((unit) => unit.arm === arm),
        0,
      ).code,
  ),
  2,
);
const photos = [
  shot('a', -2, { units: [first] }),
  shot('b', -1, { units: [first], note: 'the first leaf' }),
  shot('c', -1, { units: [second] }),
];
const withPhotos = (more: Partial<Study['experiment']> = {}): Study => ({ ...startedStudy([], more), photos });

let server: FakeServer;
const button = (page: VueWrapper, words: string) => page.findAll('button').find((own) => own.text() === words);
const inDialog = (words: string) =>
  [...document.querySelectorAll<HTMLElement>('.ant-modal button')].find((own) => own.textContent?.trim() === words);

beforeEach(() => {
  document.body.innerHTML = '';
  server = fakeServer(withPhotos());
  server.answer = () => ({ status: 200, body: {} });
});

describe('all photos', () => {
  it('of the last day stand arm beside arm, and a group without one says so', async () => {
    const page = await mountLoaded(PhotosPage);
    expect(page.find('h1').text()).toContain('2 photos');
    const arms = page.findAll('section').map((own) => [own.attributes('aria-label'), own.findAll('img').length]);
    expect(arms.filter(([, count]) => count === 1)).toHaveLength(2);
    await button(page, 'Earlier')?.trigger('click');
    await eventually(() => expect(page.text()).toContain('No photo on this day.'));
    expect(page.findAll('img').map((own) => own.attributes('src'))).toEqual(['/api/experiments/x/photos/a.jpg?size=small']);
  });

  it('of one unit stand day after day', async () => {
    const page = await mountLoaded(PhotosPage, {}, `/log/x?unit=${first}`);
    expect(page.find('h1').text()).toBe(`How ${first} grew`);
    expect(page.findAll('ol img').map((own) => own.attributes('src')?.includes('/a.jpg'))).toEqual([true, false]);
  });

  it('tell no group while they are read blind', async () => {
    fakeServer(withPhotos({ blinded: true }));
    const page = await mountLoaded(PhotosPage);
    expect(page.findAll('section')).toHaveLength(0);
    for (const { name } of base.experiment.arms) expect(page.text()).not.toContain(name);
  });

  it('go into the report with one tick', async () => {
    const page = await mountLoaded(PhotosPage);
    await page.find('input[type="checkbox"]').setValue(true);
    await eventually(() =>
      expect(server.calls.filter(({ method }) => method === 'PUT').at(-1)?.body.experiment.writing.photos).toEqual(['b.jpg']),
    );
  });
});

describe('a photo', () => {
  let pinia: Pinia | undefined;
  // What the page before left running may make its own stores the active ones.
  const sent = () =>
    useOutbox(pinia)
      .of('x')
      .flatMap((item) => (item.kind === 'photo' ? [item] : []));
  const choose = async (lastModified = Date.now()) => {
    const input = document.querySelector<HTMLInputElement>('.ant-modal input[type="file"]:not([capture])');
    const file = new File(['x'], 'leaf.jpg', { type: 'image/jpeg', lastModified });
    Object.defineProperty(input, 'files', { value: [file], configurable: true });
    input?.dispatchEvent(new Event('change'));
    await eventually(() => expect(preparePicture).toHaveBeenCalled());
  };
  beforeEach(() => {
    pinia = getActivePinia();
    server.answer = () => 'offline';
    vi.mocked(preparePicture).mockReset();
  });

  it('of the unit at hand is kept for the day on which its file was made, also without a network', async () => {
    vi.mocked(preparePicture).mockResolvedValue({ bytes: new ArrayBuffer(8), width: 40, height: 30 });
    const unit = byCode(base.experiment.units, first) ?? null;
    await mountLoaded(PhotoDialog, { props: { open: true, unit } });
    inDialog('Keep the photo')?.click();
    await eventually(() => expect(document.body.textContent).toContain('Take a photo, or choose a file.'));
    await choose(Date.now() - 2 * 86_400_000);
    await eventually(() => expect(document.querySelector('.ant-modal img')).not.toBeNull());
    inDialog('Keep the photo')?.click();
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(itemAt(sent(), 0).content).toMatchObject({ units: [first], on: addDays(today(), -2), width: 40, height: 30, replaces: null });
    expect(itemAt(sent(), 0).picture?.byteLength).toBe(8);
    expect(itemAt(sent(), 0).content.file).toBe(`${itemAt(sent(), 0).content.id}.jpg`);
  });

  it('that cannot be opened is said in words, and nothing is kept', async () => {
    vi.mocked(preparePicture).mockRejectedValue(new Error('leaf.jpg cannot be opened as a photo: it is broken.'));
    await mountLoaded(PhotoDialog, { props: { open: true } });
    await choose();
    await eventually(() => expect(document.body.textContent).toContain('cannot be opened as a photo'));
    expect(sent()).toEqual([]);
  });

  it('is mended, or withdrawn, and keeps its picture', async () => {
    await mountLoaded(PhotoDialog, { props: { open: true, editing: photos[1] } });
    inDialog('Withdraw it')?.click();
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ picture: null, content: { file: 'b.jpg', replaces: 'b', withdrawn: true } });
  });
});
