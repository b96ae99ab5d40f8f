import { codes, revisable } from './entry';
import { choice, date, text, type RecordOf } from './fields';

const CODE = /^\S+$/;

export const incidentFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  on: date({ words: 'day', must: true }),
  kind: choice(['protocol-change', 'equipment', 'pest-or-disease', 'weather', 'mix-up', 'loss', 'move', 'other'], {
    words: 'kind',
    must: true,
  }),
  arms: codes('arms', { pattern: CODE }),
  units: codes('units', { pattern: CODE }),
  note: text({ words: 'note', most: 2000 }),
  /** What who wrote it believes that it did. */
  effect: text({ words: 'what it did', most: 2000, optional: true, sparse: true }),
  ...revisable,
};

/** Something that happened and was not in the plan. No arms and no units means that it touched all. Mended by another entry, and kept. */
export type Incident = RecordOf<typeof incidentFields>;
export type EventKind = Incident['kind'];
