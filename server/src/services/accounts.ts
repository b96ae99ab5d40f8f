import { createHash, randomBytes } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import type { Account, Credentials } from '@fern/contract';
import type { Database } from '../openDatabase';
import { ProblemError } from '../ProblemError';
import { checkPassword, hashPassword } from './passwords';

export const SESSION_DAYS = 30;

const digest = (token: string) => createHash('sha256').update(token).digest('hex');
// A stored hash to check against where there is no such account, so that the answer takes as long.
const nobody = hashPassword(randomBytes(12).toString('hex'));

/** Whether the first account is still to be made. */
export async function isFirstStart({ models }: Database): Promise<boolean> {
  return (await models.accounts.count()) === 0;
}

/** Makes the first account; refuses once there is one. */
export async function createFirstAccount(database: Database, { name, password }: Credentials): Promise<Account> {
  const stored = await hashPassword(password);
  return database.inTransaction(async (transaction) => {
    if ((await database.models.accounts.count({ transaction })) > 0)
      throw new ProblemError(409, 'There is an account already. Sign in with it.');
    const account = { id: uuid(), name };
    await database.models.accounts.create(
      { ...account, password: stored, demo: false, createdAt: new Date().toISOString() },
      { transaction },
    );
    return account;
  });
}

/** The account that these credentials belong to; null if they are wrong. */
export async function findByCredentials({ models }: Database, { name, password }: Credentials): Promise<Account | null> {
  const row = await models.accounts.findOne({ where: { name } });
  const right = await checkPassword(password, row?.password ?? (await nobody));
  return row && right ? { id: row.id, name: row.name } : null;
}

/** Starts a session and returns its token; only the token's digest is stored. */
export async function startSession({ models }: Database, accountId: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const expires = new Date(Date.now() + SESSION_DAYS * 86_400_000);
  await models.sessions.create({ digest: digest(token), accountId, expiresAt: expires.toISOString() });
  return token;
}

/** The account of a session token; null if it is unknown or has run out. */
export async function accountOfSession({ models }: Database, token: string | undefined): Promise<Account | null> {
  if (!token) return null;
  const session = await models.sessions.findByPk(digest(token));
  if (!session || session.expiresAt < new Date().toISOString()) return null;
  const row = await models.accounts.findByPk(session.accountId);
  return row ? { id: row.id, name: row.name } : null;
}

export async function endSession({ models }: Database, token: string | undefined): Promise<void> {
  if (token) await models.sessions.destroy({ where: { digest: digest(token) } });
}

export async function demoAccounts({ models }: Database): Promise<Account[]> {
  const rows = await models.accounts.findAll({ where: { demo: true }, order: [['createdAt', 'ASC']] });
  return rows.map(({ id, name }) => ({ id, name }));
}
