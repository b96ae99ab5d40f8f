import { upperFirst } from 'lodash-es';
import { monthName, shortDate } from '../../model';
import { says, type FindingText } from './says';

/** What does not fit the crop: its days, or the time of year. */
export function cropFinding(
  facts: { readonly name: string } & (
    | { readonly is: 'sprouting' | 'harvest'; readonly days: readonly [number, number]; readonly last: number }
    | { readonly is: 'season'; readonly months: readonly [number, number]; readonly startedOn: string }
  ),
): FindingText {
  const name = upperFirst(facts.name);
  if (facts.is === 'season') {
    const [first, last] = facts.months.map(monthName);
    return says(
      `${name} is sown outdoors from ${first} to ${last}; this starts on ${shortDate(facts.startedOn)}.`,
      'Start it in season, or grow it indoors. Where you live, the season may differ.',
    );
  }
  const [first, last] = facts.days;
  return facts.is === 'sprouting'
    ? says(
        `${name} takes ${first} to ${last} days to germinate, and the last count is on day ${facts.last}. What is late looks as if it were dead.`,
        `Count until day ${last}.`,
      )
    : says(
        `${name} is ready ${first} to ${last} days after it is sown, and the last picking is on day ${facts.last}.`,
        `Pick until day ${first} at least, or measure something that is there sooner.`,
      );
}
