import { createHash, randomBytes } from 'node:crypto';
import { Op } from 'sequelize';
import { v7 as uuid } from 'uuid';
import type { Account, Credentials, PasswordChange } from '@fern/contract';
import type { Database } from '../openDatabase';
import { ProblemError } from '../ProblemError';
import { remember } from './history';
import { checkPassword, hashPassword } from './passwords';

export const SESSION_DAYS = 30;

const digest = (token: string) => createHash('sha256').update(token).digest('hex');
// A stored hash to check against where there is no such account, so that the answer takes as long.
const nobody = hashPassword(randomBytes(12).toString('hex'));

/** Whether the first account is still to be made. */
export async function isFirstStart({ models }: Database): Promise<boolean> {
  return (await models.accounts.count()) === 0;
}

/** Makes the first account; refuses once there is one, before anything that costs. */
export async function createFirstAccount(database: Database, { name, password }: Credentials): Promise<Account> {
  if (!(await isFirstStart(database))) throw taken();
  const stored = await hashPassword(password);
  return database.write(async ({ models }) => {
    if ((await models.accounts.count()) > 0) throw taken();
    const account = { id: uuid(), name };
    await models.accounts.create({ ...account, password: stored, demo: false, createdAt: new Date().toISOString() });
    return account;
  });
}

const taken = () => new ProblemError(409, 'There is an account already. Sign in with it.');

/** The account that these credentials belong to; null if they are wrong. */
export async function findByCredentials({ models }: Database, { name, password }: Credentials): Promise<Account | null> {
  const row = await models.accounts.findOne({ where: { name } });
  const right = await checkPassword(password, row?.password ?? (await nobody));
  return row && right ? { id: row.id, name: row.name } : null;
}

/** Starts a session and returns its token; only the token's digest is stored. Sessions that have run out go. */
export async function startSession(database: Database, accountId: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const now = Date.now();
  const expiresAt = new Date(now + SESSION_DAYS * 86_400_000).toISOString();
  await database.write(async ({ models }) => {
    await models.sessions.destroy({ where: { expiresAt: { [Op.lt]: new Date(now).toISOString() } } });
    await models.sessions.create({ digest: digest(token), accountId, expiresAt });
  });
  return token;
}

/** The account of a session token; null if it is unknown or has run out. */
export async function accountOfSession({ statements }: Database, token: string | undefined): Promise<Account | null> {
  if (!token) return null;
  const [account] = await statements.all<Account>(
    'SELECT a.id, a.name FROM sessions s JOIN accounts a ON a.id = s.accountId WHERE s.digest = ? AND s.expiresAt >= ?',
    [digest(token), new Date().toISOString()],
  );
  return account ?? null;
}

/**
 * Puts another password in the place of the one that the person knows. Every session but this one ends.
 * @returns false where the password is not right; nothing is changed then
 */
export async function changePassword(
  database: Database,
  accountId: string,
  token: string | undefined,
  change: PasswordChange,
): Promise<boolean> {
  const row = await database.models.accounts.findByPk(accountId);
  if (!row || !(await checkPassword(change.password, row.password))) return false;
  await setPassword(database, accountId, change.next, token);
  return true;
}

/** Sets a password, and ends every session but one. */
export async function setPassword(database: Database, accountId: string, next: string, keep?: string): Promise<void> {
  const password = await hashPassword(next);
  await database.write(async (tables) => {
    await tables.models.accounts.update({ password }, { where: { id: accountId } });
    await tables.models.sessions.destroy({ where: { accountId, digest: { [Op.ne]: keep ? digest(keep) : '' } } });
    await remember(tables, accountId, { what: 'password' });
  });
}

/** Ends every session of an account. */
export async function endAllSessions(database: Database, accountId: string): Promise<void> {
  await database.write(async (tables) => {
    await tables.models.sessions.destroy({ where: { accountId } });
    await remember(tables, accountId, { what: 'signed-out' });
  });
}

export async function endSession(database: Database, token: string | undefined): Promise<void> {
  if (token) await database.write(({ models }) => models.sessions.destroy({ where: { digest: digest(token) } }));
}

export async function listDemoAccounts({ models }: Database): Promise<Account[]> {
  const rows = await models.accounts.findAll({ where: { demo: true }, order: [['createdAt', 'ASC']] });
  return rows.map(({ id, name }) => ({ id, name }));
}
