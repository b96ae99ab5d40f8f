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
  /** For the first account the code is needed that the server printed. */
  readonly needsCode: boolean;
  /** Accounts with one-click entry; empty outside demo mode. */
  readonly demo: readonly Account[];
}

const name = Joi.string().trim().min(1).max(80).required().messages({ 'string.empty': 'Type a name.' });

const newPassword = Joi.string()
  .min(8)
  .max(200)
  .required()
  .messages({ 'string.min': 'Use at least 8 characters.', 'string.empty': 'Type a password.' });

/** The first account of a server that others can reach. */
export interface NewAccount extends Credentials {
  /** As the server prints it where it was started; needed where others can reach it. */
  readonly code: string;
}

export const newAccountSchema = Joi.object<NewAccount>({
  name,
  password: newPassword,
  code: Joi.string().max(40).allow('').default(''),
}).messages({ ...plainMessages });

export interface PasswordChange {
  readonly password: string;
  readonly next: string;
}

export const passwordChangeSchema = Joi.object<PasswordChange>({
  password: Joi.string().max(200).required().messages({ 'string.empty': 'Type the password that you have now.' }),
  next: newPassword,
}).messages({ ...plainMessages });

export const personSchema = Joi.object<{ name: string }>({ name: Joi.string().min(1).max(120).required() }).messages({ ...plainMessages });

export const credentialsSchema = Joi.object<Credentials>({
  name,
  password: Joi.string().max(200).required().messages({ 'string.empty': 'Type the password.' }),
}).messages({ ...plainMessages });

export const demoEntrySchema = Joi.object<{ account: string }>({ account: Joi.string().max(64).required() }).messages({ ...plainMessages });
