import { describe, expect, it } from 'vitest';
import { checkPassword, hashPassword } from './passwords';

describe('passwords', () => {
  it('are stored by scrypt with a salt of their own, never as typed', async () => {
    const [one, two] = await Promise.all([hashPassword('moss and fern'), hashPassword('moss and fern')]);
    expect(one).toMatch(/^scrypt\$[A-Za-z0-9+/=]+\$[A-Za-z0-9+/=]+$/);
    expect(one).not.toBe(two);
    expect(one).not.toContain('moss');
  });

  it('are known again, and only they', async () => {
    const stored = await hashPassword('moss and fern');
    expect(await checkPassword('moss and fern', stored)).toBe(true);
    expect(await checkPassword('moss and ferns', stored)).toBe(false);
    expect(await checkPassword('', stored)).toBe(false);
  });

  it('typed with another form of the same letters are the same (NFKC)', async () => {
    const stored = await hashPassword('fougère');
    expect(await checkPassword('fouge\u0300re', stored)).toBe(true);
  });

  it('against a broken entry are wrong, not an error', async () => {
    expect(await checkPassword('moss and fern', 'nonsense')).toBe(false);
    expect(await checkPassword('moss and fern', '')).toBe(false);
  });
});
