import { shortDate } from '../../model';
import { inList } from '../../quantities/inList';
import { inRow } from '../../quantities/inRow';
import { counted } from '../../quantities/plural';
import { fixed } from '../../quantities/roundTo';
import { minuteWords } from '../../study/minuteWords';
import { fewInList } from '../fewInList';
import { rowsInList } from '../rowsInList';
import { sized } from '../sized';
import { says, type FindingText } from './says';

/** So many of all in a group. */
export interface Share {
  readonly name: string;
  readonly some: number;
  readonly all: number;
}

/** What the validity check says of a result, by rule; events have a table of their own. */
export const resultFindings = {
  'control-failed': ({
    name,
    isControl,
    measure,
    reached,
    unit,
    limit,
    side,
  }: {
    readonly name: string;
    readonly isControl: boolean;
    readonly measure: string;
    readonly reached: number;
    readonly unit: string;
    readonly limit: number;
    readonly side: 'least' | 'most';
  }): FindingText => {
    return says(
      `${isControl ? `The control (${name})` : inRow(name)} reached ${sized(fixed(reached, 0), unit)} in “${measure}” but had to be at ${side} ${sized(String(limit), unit)}. Something went wrong for every group.`,
      'Find out what was wrong with the seed, the growing medium or the place, then run it again.',
    );
  },

  'losses-differ': ({ groups }: { readonly groups: readonly Share[] }): FindingText =>
    says(
      `The groups lost different numbers: ${rowsInList(groups, ofAll)}. The treatment may be the reason.`,
      'Look at the result with each lost one counted as a failure as well.',
    ),

  'nothing-there': ({
    units,
    groups,
    measure,
  }: {
    readonly units: readonly string[];
    readonly groups: readonly Share[];
    readonly measure: string;
  }): FindingText =>
    says(
      `There was nothing to measure in ${inList(units)}: ${rowsInList(groups, ofAll)}. “${measure}” is compared without ${units.length === 1 ? 'it' : 'them'}.`,
      'Say beside the result how many were left in each group: the survivors may not be typical of those that were lost.',
    ),

  'care-differs': ({
    what,
    unit,
    groups,
  }: {
    readonly what: 'water' | 'feed';
    readonly unit: string;
    readonly groups: readonly { readonly name: string; readonly each: number }[];
  }): FindingText =>
    says(
      `The groups got different amounts of ${what}: ${rowsInList(groups, ({ each }) => `${Math.round(each * 10) / 10} ${unit} each`)}.`,
      'Say so beside the result. Next time give each the same, or water by weight.',
    ),

  denominator: ({
    is,
    measure,
    units,
  }: {
    readonly is: 'over' | 'fell';
    readonly measure: string;
    readonly units: readonly string[];
  }): FindingText =>
    is === 'over'
      ? says(
          `In ${inList(units)}, “${measure}” is higher than the number sown. These readings aren’t used.`,
          'Correct the count or the number sown.',
        )
      : says(
          `In ${inList(units)}, “${measure}” went down, although it is a running total.`,
          'Correct the reading, or note that some died.',
        ),

  missed: (
    facts:
      | { readonly is: 'round'; readonly rounds: readonly { readonly measure: string; readonly day: number }[] }
      | { readonly is: 'units'; readonly measure: string; readonly day: number; readonly units: readonly string[] },
  ): FindingText => {
    const said =
      facts.is === 'round'
        ? `Nobody recorded ${roundsInList(facts.rounds)}.`
        : `“${facts.measure}” wasn’t recorded on day ${facts.day} in ${fewInList(facts.units, MOST_CODES)}.`;
    return says(
      said,
      'If somebody has it on paper, enter it on its day from the log. If not, say so in the report; the other readings still count.',
    );
  },

  late: (
    facts:
      | {
          readonly is: 'apart';
          readonly measure: string;
          readonly day: number;
          readonly slow: { readonly name: string; readonly day: number };
          readonly first: { readonly name: string; readonly day: number };
        }
      | { readonly is: 'alike'; readonly measure: string; readonly day: number; readonly read: number },
  ): FindingText => {
    const { measure, day } = facts;
    if (facts.is === 'alike')
      return says(
        `“${measure}” of day ${day} was recorded on day ${facts.read} in all groups, ${counted(Math.floor(facts.read - day), 'day')} late.`,
        'The groups can still be compared. Give the true day in the report.',
      );
    const { slow, first } = facts;
    return says(
      `“${measure}” of day ${day} was recorded on day ${slow.day} in ${inRow(slow.name)}, but on day ${first.day} in ${inRow(first.name)}. One more day is one more day of growth.`,
      'Record all groups on the same day. Say so beside the result.',
    );
  },

  'step-times': ({
    step,
    hours,
    alike,
    off,
  }: {
    readonly step: string;
    readonly hours: number;
    readonly alike: boolean;
    /** Minutes more than planned; below 0 for fewer. */
    readonly off: readonly { readonly minutes: number; readonly names: readonly string[] }[];
  }): FindingText =>
    says(
      `“${step}” was planned for ${hours} h. It was ${inList(
        off.map(
          ({ minutes, names }) => `${minuteWords(Math.abs(minutes))} too ${minutes > 0 ? 'long' : 'short'} in ${inList(names.map(inRow))}`,
        ),
      )}.`,
      alike
        ? 'The groups can still be compared. Give the true time in the report.'
        : 'The groups didn’t get the same, or didn’t get what was to be tested. Give the true times beside the result.',
    ),

  unconfirmed: ({
    step,
    missing,
    of,
    unit,
  }: {
    readonly step: string;
    readonly missing: number;
    readonly of: number;
    readonly unit: string;
  }): FindingText =>
    says(
      `“${step}” is what is tested, and nobody recorded that it was done${missing === of ? '' : ` for ${missing} of ${counted(of, unit)}`}.`,
      'If it was done, enter it on its day from the log. If not, the treatment was not given.',
    ),

  'read-twice': ({
    cells,
  }: {
    readonly cells: readonly {
      readonly measure: string;
      readonly unit: string;
      readonly on: string;
      readonly values: readonly (number | null)[];
    }[];
  }): FindingText => {
    const said = cells
      .slice(0, MOST_CELLS)
      .map(
        ({ measure, unit, on, values }) =>
          `“${measure}” of ${unit} on ${shortDate(on)}: ${inList(values.map((value) => (value === null ? 'no value' : String(value))))}`,
      );
    const more = cells.length > MOST_CELLS ? [`and ${cells.length - MOST_CELLS} more`] : [];
    return says(
      `Recorded twice, with different values: ${[...said, ...more].join('; ')}. The latest one counts until someone chooses.`,
      'In the log, choose which reading is right; the other stays in the history.',
    );
  },

  observer: ({
    first,
    other,
  }: {
    readonly first: { readonly observer: string; readonly name: string };
    readonly other: { readonly observer: string; readonly name: string };
  }): FindingText =>
    says(
      `${first.observer} recorded most of ${inRow(first.name)}, and ${other.observer} most of ${inRow(other.name)}. People count and measure differently.`,
      'Have one person record everything, or everyone record some of each group.',
    ),

  'early-look': ({ day, lastDay }: { readonly day: number; readonly lastDay: number }): FindingText =>
    says(
      `This is an early look, on day ${day} of ${lastDay}. If you stop as soon as it looks good, you’ll often be fooled by chance.`,
      'Carry on to the planned end: only that verdict counts.',
    ),

  crossover: ({
    measure,
    early,
    first,
    last,
    second,
  }: {
    readonly measure: string;
    readonly early: number;
    readonly first: string;
    readonly last: number;
    readonly second: string;
  }): FindingText =>
    says(
      `The lead in “${measure}” changed: “${first}” was ahead on day ${early}, and “${second}” on day ${last}.`,
      'Report both. The verdict is about the planned day only.',
    ),

  'looks-differ': ({
    look,
    measure,
    name,
    control,
    measured,
  }: {
    readonly look: string;
    readonly measure: string;
    readonly name: string;
    readonly control: string;
    readonly measured: 'better' | 'worse';
  }): FindingText =>
    says(
      `${inRow(name)} looks ${measured === 'better' ? 'worse' : 'better'} than ${inRow(control)} by eye (“${look}”), but does ${measured} in “${measure}”.`,
      'Trust the measurement: lush leaves can hide poor roots.',
    ),

  outlier: ({ units, measure }: { readonly units: readonly string[]; readonly measure: string }): FindingText =>
    units.length === 1
      ? says(
          `${inList(units)} is far from the others in its group (“${measure}”).`,
          'Look for a reason. It still counts; the result without it is also shown.',
        )
      : says(
          `${inList(units)} are far from the others in their groups (“${measure}”).`,
          'Look for a reason. They still count; the result without them is also shown.',
        ),
};

/** "“Height” on day 3 and “Leaves” on days 3 and 7". */
function roundsInList(rounds: readonly { readonly measure: string; readonly day: number }[]): string {
  const measures = [...new Set(rounds.map(({ measure }) => measure))];
  return inList(
    measures.map((measure) => {
      const days = rounds.filter((round) => round.measure === measure).map(({ day }) => String(day));
      return `“${measure}” on ${days.length === 1 ? 'day' : 'days'} ${inList(days)}`;
    }),
  );
}

const MOST_CELLS = 6;
const MOST_CODES = 7;

const ofAll = ({ some, all }: Share) => `${some} of ${all}`;
