import type { ActivityKind, HistoryLine } from '@fern/contract';

const words: Readonly<Record<ActivityKind, string>> = {
  made: 'made',
  imported: 'opened from a package',
  changed: 'changed',
  started: 'started',
  amended: 'plan changed after the start',
  sealed: 'the key was sealed',
  unsealed: 'blinding lifted',
  unit: 'state of a unit',
  picture: 'a photo was removed for good',
  deleted: 'laid into the bin',
  restored: 'taken back from the bin',
  gone: 'deleted for good',
  exported: 'everything was taken out as a file',
  erased: 'a name was erased',
  password: 'password changed',
  'signed-out': 'signed out everywhere',
};

/** What was done, in a few words. */
export const activityLabel = ({ what, detail }: HistoryLine): string => (detail === null ? words[what] : `${words[what]}: ${detail}`);

/** "2026-04-14 08:05", where this browser is. */
export function timeWords(at: string): string {
  const time = new Date(at);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${time.getFullYear()}-${two(time.getMonth() + 1)}-${two(time.getDate())} ${two(time.getHours())}:${two(time.getMinutes())}`;
}
