import { shortDate } from '@fern/core';
import type { PendingEntry } from '../stores/pendingSync';

/** An entry in a few words: "D03, Tue 14 Apr: 41". */
export function syncStatusWords(item: PendingEntry): string {
  if (item.kind === 'reading') return `${item.content.unit}, ${shortDate(item.content.observedOn)}: ${item.content.value ?? 'no value'}`;
  if (item.kind === 'incident') return `What went wrong on ${shortDate(item.content.on)}`;
  if (item.kind === 'care') return `Care given on ${shortDate(item.content.on)}`;
  if (item.kind === 'photo') return `Photo of ${shortDate(item.content.on)}`;
  if (item.kind === 'sown') return `${item.content.unit}: ${item.content.sown} sown`;
  return `${item.content.unit} as ${item.content.status}`;
}
