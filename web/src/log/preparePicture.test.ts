import { afterEach, describe, expect, it, vi } from 'vitest';
import { preparePicture } from './preparePicture';

const file = (name: string, type: string, size = 4) => Object.defineProperty(new File(['leaf'], name, { type }), 'size', { value: size });

/** A browser whose pictures measure so much, and whose canvas tells what was drawn. */
function browser(width: number, height: number) {
  const close = vi.fn();
  vi.stubGlobal('createImageBitmap', async () => ({ width, height, close }));
  const drawn: number[][] = [];
  const canvas = {
    width: 0,
    height: 0,
    getContext: () => ({ fillRect: () => undefined, drawImage: (_: unknown, ...box: number[]) => drawn.push(box) }),
    toBlob: (then: (blob: Blob) => void) => then(new Blob(['jpeg'])),
  };
  vi.spyOn(document, 'createElement').mockReturnValue(canvas as unknown as HTMLElement);
  return { close, drawn };
}
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('a photo made ready', () => {
  it.each([
    [4000, 3000, 1600, 1200],
    [600, 2400, 400, 1600],
    [300, 200, 300, 200],
  ])('of %i by %i is %i by %i, and the large one is let go', async (width, height, toWidth, toHeight) => {
    const { close, drawn } = browser(width, height);
    const made = await preparePicture(file('leaf.jpg', 'image/jpeg'));
    expect([made.width, made.height]).toEqual([toWidth, toHeight]);
    expect(new TextDecoder().decode(made.bytes)).toBe('jpeg');
    expect(drawn).toEqual([[0, 0, toWidth, toHeight]]);
    expect(close).toHaveBeenCalledOnce();
  });

  it.each([
    ['more than 50 MB', file('film.jpg', 'image/jpeg', 60 * 1024 * 1024), 'film.jpg is larger than 50 MB. Choose a smaller photo.'],
    ['a drawing', file('leaf.svg', 'image/svg+xml'), 'leaf.svg is not a photo. Choose a JPEG, PNG or WebP.'],
    ['a page', file('leaf.html', 'text/html'), 'leaf.html is not a photo. Choose a JPEG, PNG or WebP.'],
  ])('is refused in words where it is %s', async (_, own, words) => {
    browser(9, 9);
    await expect(preparePicture(own)).rejects.toThrow(words);
  });

  it('is refused in words where it is broken', async () => {
    vi.stubGlobal('createImageBitmap', () => Promise.reject(new Error('InvalidStateError')));
    await expect(preparePicture(file('leaf.jpg', 'image/jpeg'))).rejects.toThrow('leaf.jpg cannot be opened as a photo');
  });
});
