import { choice, date, maybe, number, text, type RecordOf } from './fields';

export const careFields = {
  id: text({ words: 'id', least: 1, most: 64, must: true }),
  on: date({ words: 'day', must: true }),
  unit: maybe(text({ words: 'unit', most: 40, least: 1 })),
  arm: maybe(text({ words: 'arm', most: 40, least: 1 })),
  kind: choice(['water', 'feed', 'other'], { words: 'kind', must: true }),
  amount: maybe(number({ words: 'amount', least: 0 })),
  amountUnit: maybe(text({ words: 'unit of the amount', most: 20 })),
  note: maybe(text({ words: 'note', most: 2000 })),
};

/** Water, feed or other care given to one unit or to a whole arm. */
export type Care = RecordOf<typeof careFields>;
