import { start } from './0001-start';
import { madeFrom } from './0002-made-from';
import { corrections } from './0003-corrections';
import { binAndHistory } from './0004-bin-and-history';
import { realLife } from './0005-real-life';
import { care } from './0006-care';
import { photos } from './0007-photos';
import { stepTimes } from './0008-step-times';
import { names } from './0009-names';
import type { Migration } from './Migration';

/** All migrations in order. A migration that has landed is never changed; add a new one. */
export const migrations: readonly Migration[] = [start, madeFrom, corrections, binAndHistory, realLife, care, photos, stepTimes, names];
