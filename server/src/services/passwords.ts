import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import pLimit from 'p-limit';

const KEY_BYTES = 32;
const COST = { N: 16384, r: 8, p: 1 };

// Each takes a thread and 16 MB for a while: more at once would keep the database's own threads waiting.
const atOnce = pLimit(2);

const derive = (password: string, salt: Buffer): Promise<Buffer> =>
  atOnce(
    () =>
      new Promise((resolve, reject) =>
        scrypt(password.normalize('NFKC'), salt, KEY_BYTES, COST, (error, key) => (error ? reject(error) : resolve(key))),
      ),
  );

/** A password as stored: scrypt with a salt of its own (RFC 7914). */
export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  return `scrypt$${salt.toString('base64')}$${(await derive(password, salt)).toString('base64')}`;
}

/** Whether the password is the one that was stored; takes as long for a wrong one. */
export async function checkPassword(password: string, stored: string): Promise<boolean> {
  const [, salt, key] = stored.split('$');
  const expected = Buffer.from(key ?? '', 'base64');
  const derived = await derive(password, Buffer.from(salt ?? '', 'base64'));
  return expected.length === derived.length && timingSafeEqual(expected, derived);
}
