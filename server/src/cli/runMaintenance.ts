import { randomBytes } from 'node:crypto';
import { dirname, join, resolve } from 'node:path';
import { DatabaseProblem } from '../databaseFile';
import { ownNames } from '../hosts';
import { openDatabase } from '../openDatabase';
import { setPassword } from '../services/accounts';
import { backUp, restore } from '../services/backup';
import { makeCertificate } from '../services/certificate';

/**
 * What the person who runs the server does from the command line: a backup, and putting one back; a new password for someone who has
 * forgotten theirs; a certificate for the local network.
 * @param words `backup [FILE]`, `restore FILE`, `password NAME` or `certificate`; paths as the person stands
 * @param file the database
 * @param now names what is made
 * @returns what is said, and the exit code
 */
export async function runMaintenance(
  words: readonly string[],
  file: string,
  now: Date,
): Promise<{ readonly code: number; readonly say: string }> {
  const [command, path] = words;
  const stamp = now.toISOString().slice(0, 19).replaceAll(':', '-');
  try {
    if (command === 'backup') {
      const to = path ?? join(file, '..', 'backups', `${stamp}.sqlite`);
      await backUp(file, to);
      return { code: 0, say: `The data are kept in ${resolve(to)}` };
    }
    if (command === 'restore' && path !== undefined) {
      const kept = await restore(file, path, stamp);
      return {
        code: 0,
        say: `The data of ${resolve(path)} are back.${kept === null ? '' : ` What stood there before is kept in ${kept}`}`,
      };
    }
    if (command === 'password' && path !== undefined) return await newPassword(file, path);
    if (command === 'certificate') {
      const { root } = await makeCertificate(join(dirname(file), 'certificate'), ownNames(process.env.FERN_HOSTS), now);
      return { code: 0, say: `A certificate is made, and is used at the next start with HOST. Install this on each tablet once: ${root}` };
    }
    return {
      code: 2,
      say: 'Say npm run backup [-- FILE], npm run restore -- FILE, npm run password -- "NAME", or npm run certificate.',
    };
  } catch (error) {
    if (!(error instanceof DatabaseProblem) && !(error instanceof Error && 'code' in error)) throw error;
    return { code: 1, say: error.message };
  }
}

/** For someone who has forgotten theirs: whoever sits at the server's computer may read the data anyway. */
async function newPassword(file: string, name: string): Promise<{ readonly code: number; readonly say: string }> {
  const database = await openDatabase(file);
  try {
    const account = await database.models.accounts.findOne({ where: { name }, raw: true });
    if (account === null) return { code: 1, say: `There is no account with the name ${name}. Nothing was changed.` };
    const password = randomBytes(9).toString('base64url');
    await setPassword(database, account.id, password);
    return { code: 0, say: `The password of ${name} is now ${password}. Every session has ended: sign in, then choose another.` };
  } finally {
    await database.close();
  }
}
