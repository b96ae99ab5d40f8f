import Joi from 'joi';
import { plainMessages } from './messages';

export interface Credentials {
  readonly name: string;
  readonly password: string;
}

export interface Account {
  readonly id: string;
  readonly name: string;
}

/** Who is signed in, and what the sign-in page may offer. */
export interface SessionState {
  readonly account: Account | null;
  /** No account exists yet: the first one is to be made. */
  readonly firstStart: boolean;
  /** Accounts with one-click entry; empty outside demo mode. */
  readonly demo: readonly Account[];
}

const name = Joi.string().trim().min(1).max(80).required().messages({ 'string.empty': 'Type a name.' });

export const newAccountSchema = Joi.object<Credentials>({
  name,
  password: Joi.string()
    .min(8)
    .max(200)
    .required()
    .messages({ 'string.min': 'Use at least 8 characters.', 'string.empty': 'Type a password.' }),
}).messages({ ...plainMessages });

export const credentialsSchema = Joi.object<Credentials>({
  name,
  password: Joi.string().max(200).required().messages({ 'string.empty': 'Type the password.' }),
}).messages({ ...plainMessages });

export const demoEntrySchema = Joi.object<{ account: string }>({ account: Joi.string().max(64).required() }).messages({ ...plainMessages });
