import { shortDate, type EventKind } from '../../model';
import { inList } from '../../quantities/inList';
import { fewInList } from '../fewInList';
import { inRow } from '../../quantities/inRow';
import { says, type FindingText } from './says';

/** An event of the log, and whom it touched. */
export interface EventFacts {
  readonly on: string;
  readonly note: string;
  readonly effect: string;
  /** Names of groups, or codes of units; empty where it touched all groups alike. */
  readonly only: readonly string[];
  readonly alike: boolean;
}

/** What happened, where nobody wrote a word about it. */
export const eventWords: Readonly<Record<EventKind, string>> = {
  equipment: 'something broke down',
  'pest-or-disease': 'there were pests or a disease',
  weather: 'the weather was unusual',
  'protocol-change': 'something was done differently',
  'mix-up': 'some may have been mixed up',
  loss: 'some were lost',
  move: 'some were moved',
  other: 'something happened',
};

const event =
  (kind: EventKind) =>
  ({ on, note, effect, only, alike }: EventFacts): FindingText => {
    const said = `${shortDate(on)}: ${note === '' ? eventWords[kind] : note}${effect === '' ? '' : ` (${effect})`}.`;
    return alike
      ? says(`${said} It affected all groups equally.`, 'The comparison stays fair; mention it in the report.')
      : says(
          `${said} It affected only ${fewInList(only.map(inRow), MOST_NAMED) || 'some'}, so it could explain the difference.`,
          'Say so beside the result, and repeat the experiment without it before you believe the result.',
        );
  };

const MOST_NAMED = 8;

/** What the validity check says of events, by rule. */
export const eventFindings = {
  equipment: event('equipment'),
  'pest-or-disease': event('pest-or-disease'),
  weather: event('weather'),
  'protocol-change': event('protocol-change'),
  other: event('other'),

  'mix-up': (
    facts:
      | {
          readonly is: 'event';
          readonly on: string;
          readonly units: readonly string[];
          readonly note: string;
          readonly counted: readonly string[];
        }
      | { readonly is: 'excluded'; readonly units: readonly string[]; readonly reasons: readonly string[] },
  ): FindingText => {
    const putBack = 'The result with them included is also shown.';
    if (facts.is === 'excluded') {
      const { units, reasons } = facts;
      return says(
        `${inList(units)} ${units.length === 1 ? 'is' : 'are'} excluded${reasons.length === 0 ? '' : ` (${reasons.join('; ')})`}.`,
        units.length === 1 ? 'The result with it included is also shown.' : putBack,
      );
    }
    const { on, units, note, counted } = facts;
    const said = `${shortDate(on)}: ${units.length === 0 ? 'some units' : inList(units)} may have been mixed up${note === '' ? '' : ` (${note})`}.`;
    return counted.length === 0 && units.length > 0
      ? says(`${said} They are excluded.`, putBack)
      : says(
          said,
          `Exclude ${inList(counted) || 'them'}: nobody can tell which group ${counted.length === 1 ? 'it belongs' : 'they belong'} to.`,
        );
  },

  transfer: ({
    on,
    note,
    moved,
    losses,
  }: {
    readonly on: string;
    readonly note: string;
    /** Names of the groups that were moved; empty where all were. */
    readonly moved: readonly string[];
    readonly losses: readonly { readonly name: string; readonly before: number; readonly after: number }[];
  }): FindingText =>
    moved.length === 0
      ? says(
          `${shortDate(on)}: all groups were moved in the same way${note === '' ? '' : ` (${note})`}.`,
          'The comparison stays fair; mention it in the report.',
        )
      : says(
          `${shortDate(on)}: only ${inList(moved.map(inRow))} ${moved.length === 1 ? 'was' : 'were'} moved. Moving can kill plants by itself: ${losses
            .map(({ name, before, after }) => `${inRow(name)} lost ${before} up to that day and ${after} after it`)
            .join('; ')}.`,
          'Compare survival before and after that day separately, or move every group.',
        ),
};
