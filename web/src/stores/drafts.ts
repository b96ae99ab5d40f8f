import { experimentFields, withBlanks, type Experiment } from '@fern/core';
import { browserData } from './browserData';

/** Edits of an experiment that the server has not stored: they go on when it is opened again, in this browser and by this account. */
export interface Draft {
  readonly account: string;
  readonly experiment: string;
  /** The page that made them, so that two do not overwrite one another. */
  readonly page: string;
  /** As the server had it. */
  readonly base: Experiment;
  readonly mine: Experiment;
  /** Part of an amendment that has not said yet what and why. */
  readonly held: boolean;
}

/** Rejects where this browser has no room. */
export async function storeDraft(draft: Draft): Promise<void> {
  await (await browserData()).put('drafts', draft);
}

export async function dropDraft({ account, experiment, page }: Pick<Draft, 'account' | 'experiment' | 'page'>): Promise<void> {
  await (await browserData()).delete('drafts', [account, experiment, page]);
}

/** Of every page that was closed, or is still open elsewhere. */
export async function storedDrafts(account: string, experiment: string): Promise<Draft[]> {
  const data = await browserData();
  const drafts = await data.getAll('drafts', IDBKeyRange.bound([account, experiment, ''], [account, experiment, '\uffff']));
  // They may have been kept by the version before.
  const named = (kept: Experiment) => withBlanks(experimentFields, kept);
  return drafts.map((draft) => ({ ...draft, base: named(draft.base), mine: named(draft.mine) }));
}
