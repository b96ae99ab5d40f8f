import { itemAt } from '../invariant';
import { isShare, kindOf } from '../kinds';
import { askedOf, expectedOf, primaryOf, type Asked, type Experiment, type Measure } from '../model';
import { inList } from '../quantities/inList';
import { minuteWords } from '../study/minuteWords';
import { withArm, withArms } from './armName';
import { insideSentence } from './insideSentence';
import { timesWords } from './timesWords';
import { sized } from './sized';

/** What the sentences of an expectation are written from. */
export type Planned = Pick<Experiment, 'asked' | 'arms' | 'comparison' | 'measures' | 'units' | 'claimedRatio'> & {
  readonly plan: Pick<Experiment['plan'], 'plant'>;
};

/** Groups that are compared with the same one, as a sentence goes on with them. */
interface Side {
  readonly groups: string;
  readonly against: string;
}

/** Where there are more treatments, they are counted and no longer named. */
const MOST_NAMED = 4;

/**
 * What is expected, as a sentence that could turn out wrong: of the measure that decides, on its day, for what is asked.
 * @returns "For radish, there will be fewer sprouts on day 10 with 100 mM salt than with tap water."; empty while nothing can be compared
 */
export function hypothesisOf(planned: Planned): string {
  return sentenceOf(planned, (measure, sides) => {
    const way = expectedOf(measure);
    if (way === 'different' || way === 'alike') return `${alike(measure, way === 'alike', sides)}${claimed(planned, measure)}`;
    return `${expected(measure, way === 'more')} ${joined(sides, 'than')}${claimed(planned, measure)}`;
  });
}

/**
 * What is asked, where it has no wording of its own.
 * @returns "For radish, are there fewer sprouts on day 10 with 100 mM salt than with tap water?"; empty while nothing can be compared
 */
export function questionOf(planned: Planned): string {
  const sentence = sentenceOf(planned, (measure, sides) => {
    const way = expectedOf(measure);
    if (way === 'different' || way === 'alike') return askedAlike(measure, way === 'alike', sides);
    return `${asked(measure, way === 'more')} ${joined(sides, 'than')}`;
  });
  return sentence.replace(/\.$/, '?');
}

/**
 * The same without a difference; with one, where none is expected.
 * @returns "For radish, the number of sprouts on day 10 will be the same with 100 mM salt as with tap water."; empty while nothing can be
 * compared
 */
export function nullHypothesisOf(planned: Planned): string {
  return sentenceOf(planned, (measure, sides) => alike(measure, expectedOf(measure) !== 'alike', sides));
}

/**
 * What would count as a yes.
 * @returns "“Sprouts” lower by at least 10 percentage points with 100 mM salt than with tap water, and more than chance alone would often do."; empty while
 * nothing can be compared
 */
export function countsAsYesOf(planned: Planned): string {
  const { measures, units } = planned;
  const measure = primaryOf(measures);
  const sides = sidesOf(planned);
  if (!measure || sides.length === 0) return '';
  const { unit, more, less } = kindOf(measure).wording(measure, isShare(measure, units));
  const least = measure.smallestDifference === null ? '' : ` by at least ${sized(String(measure.smallestDifference), unit)}`;
  const expects = expectedOf(measure);
  if (expects === 'alike')
    return `“${measure.name}” not ${more} or ${less}${least} ${joined(sides, 'than')}, over the whole 95% confidence interval.`;
  const way = { more, less, different: `${more} or ${less}` }[expects];
  return `“${measure.name}” ${way}${least} ${joined(sides, 'than')}, and more than chance alone would often do.`;
}

/**
 * When it ends, as far as the plan says: on the last day on which anything is read.
 * @returns "day 28"; empty while nothing is read
 */
export function endRuleOf({ measures }: Pick<Experiment, 'measures'>): string {
  const days = measures.flatMap(({ readingDays }) => readingDays);
  return days.length === 0 ? '' : `day ${Math.ceil(Math.max(...days))}`;
}

function sentenceOf(planned: Planned, words: (measure: Measure, sides: readonly Side[]) => string): string {
  const measure = primaryOf(planned.measures);
  const sides = sidesOf(planned);
  if (!measure || sides.length === 0) return '';
  const { plant } = planned.plan;
  const said = words(measure, sides);
  return plant.trim() === '' ? `${said.charAt(0).toUpperCase()}${said.slice(1)}.` : `For ${plant.trim()}, ${said}.`;
}

/** What is asked, by what it is asked against. */
function sidesOf({ arms, asked, comparison }: Planned): readonly Side[] {
  const all = askedOf({ arms, asked, comparison });
  const keyOf = ({ factor, against }: Asked) => JSON.stringify([factor, against]);
  return [...new Set(all.map(keyOf))].map((key): Side => {
    const own = all.filter((one) => keyOf(one) === key);
    const { factor, against } = itemAt(own, 0);
    const groups = own.map(({ group }) => group);
    if (factor !== null) return { groups: `with ${inList(groups)}`, against: `with ${against} (${factor})` };
    const many = groups.length > MOST_NAMED;
    return { groups: many ? `with each of the ${groups.length} treatments` : withArms(arms, groups), against: withArm(arms, against) };
  });
}

const joined = (sides: readonly Side[], than: 'than' | 'as') => inList(sides.map(({ groups, against }) => `${groups} ${than} ${against}`));

/** What is read, with its day: "the head mass on day 28". */
function thing(measure: Measure): string {
  const { ofSown, timed } = kindOf(measure);
  return timed ? `the ${insideSentence(measure.name)}` : `the ${ofSown ? 'number of ' : ''}${onItsDay(measure)}`;
}

const alike = (measure: Measure, isSo: boolean, sides: readonly Side[]) =>
  `${thing(measure)} will ${isSo ? '' : 'not '}${kindOf(measure).timed ? 'come on the same day' : 'be the same'} ${joined(sides, 'as')}`;

/** What it is expected to do. */
function expected(measure: Measure, isMore: boolean): string {
  const { ofSown, timed, byEye, wording } = kindOf(measure);
  if (ofSown) return `there will be ${isMore ? 'more' : 'fewer'} ${onItsDay(measure)}`;
  const { more, less } = wording(measure, false);
  return `${thing(measure)} will ${timed ? 'come' : byEye ? 'be rated' : 'be'} ${isMore ? more : less}`;
}

const asked = (measure: Measure, isMore: boolean): string => {
  const { ofSown, timed, byEye, wording } = kindOf(measure);
  if (ofSown) return `are there ${isMore ? 'more' : 'fewer'} ${onItsDay(measure)}`;
  const { more, less } = wording(measure, false);
  return `${timed ? 'does' : 'is'} ${thing(measure)} ${timed ? 'come ' : byEye ? 'rated ' : ''}${isMore ? more : less}`;
};

const askedAlike = (measure: Measure, isSo: boolean, sides: readonly Side[]): string => {
  const { timed } = kindOf(measure);
  if (isSo) return `${timed ? 'does' : 'is'} ${thing(measure)} ${timed ? 'come on the same day' : 'the same'} ${joined(sides, 'as')}`;
  return `${timed ? 'does' : 'is'} ${thing(measure)} ${timed ? 'come on another day' : 'different'} ${joined(sides, 'than')}`;
};

const claimed = ({ claimedRatio }: Planned, measure: Measure) =>
  claimedRatio === null ? '' : ` (the claim: ${timesWords(claimedRatio)} ${kindOf(measure).timed ? 'the days' : 'as much'})`;

function onItsDay(measure: Measure): string {
  const name = insideSentence(measure.name);
  const when = whenWords(measure);
  if (when === '' || name.toLowerCase().endsWith(when)) return name;
  return `${name}${name.includes(',') ? ',' : ''} ${when}`;
}

/** When the value is read that is compared. */
function whenWords({ when, readingDays }: Measure): string {
  const last = Math.max(...readingDays);
  if (when.startsWith('day ')) return `on ${when}`;
  if (readingDays.length === 0) return '';
  if (when === 'area') return `over ${Math.ceil(last)} days`;
  if (last === 0) return 'on the first day';
  if (!Number.isInteger(last)) return `after ${minuteWords(Math.round(last * MINUTES))}`;
  return when === 'total' ? `by day ${last}` : `on day ${last}`;
}

const MINUTES = 24 * 60;
