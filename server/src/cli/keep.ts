import { join, resolve } from 'node:path';
import { DatabaseProblem } from '../databaseFile';
import { backUp, restore } from '../services/backup';

/**
 * Makes a backup, or puts one back, from the command line.
 * @param words `backup [FILE]` or `restore FILE`; paths as the person stands
 * @param file the database
 * @param now names what is made
 * @returns what is said, and the exit code
 */
export async function keep(words: readonly string[], file: string, now: Date): Promise<{ readonly code: number; readonly say: string }> {
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
    return { code: 2, say: 'Say npm run backup [-- FILE], or npm run restore -- FILE.' };
  } catch (error) {
    if (!(error instanceof DatabaseProblem) && !(error instanceof Error && 'code' in error)) throw error;
    return { code: 1, say: error.message };
  }
}
