import { countBy, upperFirst } from 'lodash-es';
import { byCode, primaryOf, type Experiment } from '../model';
import { inList } from '../quantities/inList';
import { plural, singular } from '../quantities/plural';
import { withoutArticle } from '../quantities/withoutArticle';
import { cropName } from '../study/crop';
import { armName, withArm } from './armName';

/** A number in words that name the plan; null where the plan has none. */
type Slot = (experiment: Experiment, of: string) => string | null;

const noun =
  (words: (experiment: Experiment) => string): Slot =>
  (experiment) =>
    words(experiment);

/** What stands in braces in a template, by its name; after a colon the code of a measure. */
const slots: Readonly<Record<string, Slot>> = {
  plant: noun(({ plan }) => singular(plan.plant) || 'plant'),
  plants: noun(({ plan }) => plural(plan.plant || 'plant')),
  crop: noun(({ plan }) => singular(cropName(plan)) || 'plant'),
  crops: noun(({ plan }) => plural(cropName(plan) || 'plant')),
  changed: noun(({ plan }) => withoutArticle(plan.changed) || 'what is changed'),
  unit: noun(({ plan }) => plan.unitNoun),
  units: noun(({ plan }) => plural(plan.unitNoun)),
  putIn: noun(({ plan }) => plan.propagule),
  all: ({ units }) => String(units.length),
  each: ({ arms, units }) => oneNumber(arms.map(({ code }) => units.filter(({ arm }) => arm === code).length)),
  blocks: ({ units }) => String(new Set(units.map(({ block }) => block)).size),
  /** Units of a group in a block. */
  eachBlock: ({ units }) => oneNumber(Object.values(countBy(units, ({ arm, block }) => `${block ?? ''} ${arm}`))),
  /** Seeds or cuttings in a unit, and in a block. */
  sown: ({ units }) => oneNumber(units.map(({ sown }) => sown)),
  sownBlock: ({ units }) => {
    const blocks = [...new Set(units.map(({ block }) => block))];
    return oneNumber(
      blocks.map((own) => units.filter(({ block }) => block === own).reduce((sum, { sown }) => sum + (sown ?? 0), 0) || null),
    );
  },
  kept: ({ plan }) => (plan.plantsKept === null ? null : String(plan.plantsKept)),
  /** A group by its code: its name, and as a sentence goes on with it. */
  arm: ({ arms }, of) => (byCode(arms, of) ? armName(arms, of) : null),
  with: ({ arms }, of) => (byCode(arms, of) ? withArm(arms, of) : null),
  // Say nothing, and hold only while what they name is so: what a text says in words of its own.
  groupIs: ({ arms }, of) => (arms.some(({ code, name }) => `${code} ${name}` === of) ? '' : null),
  plantIs: ({ plan }, of) => (plan.plant === of ? '' : null),
  decidedBy: ({ measures }, of) => (primaryOf(measures)?.name === of ? '' : null),
  days: (experiment, of) => dayList(readingDays(experiment, of)),
  first: (experiment, of) => dayAt(readingDays(experiment, of), 0),
  last: (experiment, of) => dayAt(readingDays(experiment, of), -1),
  /** The last day on which anything is read. */
  end: ({ measures }) =>
    dayAt(
      measures
        .flatMap(({ readingDays }) => readingDays)
        .map(Math.ceil)
        .sort((a, b) => a - b),
      -1,
    ),
  stepDays: ({ plan }) => dayList([...new Set(plan.stages.flatMap(({ days }) => days))].sort((a, b) => a - b)),
  doses: ({ arms }) => {
    const doses = arms.flatMap(({ dose, role }) => (dose === null || role === 'control' ? [] : [dose]));
    return doses.length === 0 ? null : inList(doses.sort((a, b) => a - b).map(String));
  },
  /** mL of the first solution that a unit gets at a time, and its grams in a litre. */
  mL: ({ plan }) => oneNumber(plan.kit.solutions.map(({ each }) => each)),
  grams: ({ plan }) => oneNumber(plan.kit.solutions.flatMap(({ made, grams }) => (made === 'grams' ? [grams] : []))),
  mix: ({ plan }) => (plan.kit.mediumEach === null ? null : `${plan.kit.mediumEach} ${plan.kit.mediumBy}`),
};

/**
 * A text of which the plan fills the gaps: "Lay {sown} {putIn} in each {unit}."
 * @param template with its gaps in braces; a capital begins a sentence
 * @returns null where the plan has nothing to fill one of them
 */
export function fill(template: string, experiment: Experiment): string | null {
  let isWhole = true;
  let afterOne = -1;
  const text = template.replace(/\{(\w+)(?::([^}]*))?\} ?/g, (gap, name: string, of: string | undefined, at: number) => {
    const key = name.charAt(0).toLowerCase() + name.slice(1);
    const words = Object.hasOwn(slots, key) ? (slots[key]?.(experiment, of ?? '') ?? null) : null;
    if (words === null) isWhole = false;
    const said = at === afterOne ? singular(words ?? '') : (words ?? '');
    afterOne = said === '1' ? at + gap.length : -1;
    return `${key === name ? said : upperFirst(said)}${gap.endsWith(' ') ? ' ' : ''}`;
  });
  return isWhole ? text : null;
}

function readingDays(experiment: Experiment, of: string): readonly number[] {
  const measure = of === '' ? primaryOf(experiment.measures) : experiment.measures.find(({ code }) => code === of);
  return [...(measure?.readingDays ?? [])].sort((a, b) => a - b);
}

const dayList = (days: readonly number[]): string | null => (days.length === 0 ? null : inList(days.map(String)));
const dayAt = (days: readonly number[], at: number): string | null => {
  const day = days.at(at);
  return day === undefined ? null : String(day);
};

/** The number that all of them are; null where they differ or one is not known. */
function oneNumber(numbers: readonly (number | null)[]): string | null {
  const [first = null, ...others] = new Set(numbers);
  return first === null || others.length > 0 ? null : String(first);
}
