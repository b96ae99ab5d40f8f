import {
  analyse,
  askedOf,
  byCode,
  cautionsOf,
  fairTestAtOnce,
  tell,
  cropOf,
  kitOf,
  plural,
  primaryOf,
  report,
  reportText,
  type Experiment,
} from '@fern/core';

/** A text that follows from the plan, and where it stands. */
interface Derived {
  readonly where: string;
  readonly text: string;
}

/** Every text that follows from a plan, none of which anybody has worded. */
function derivedTexts(experiment: Experiment): Derived[] {
  const { question, hypothesis, nullHypothesis, plan } = experiment;
  const study = { experiment, observations: [], incidents: [], care: [], photos: [] };
  const result = analyse(study);
  const cautions = cautionsOf(experiment);
  // What a check says is held against its facts, and the title is the name that somebody gave it.
  const found = [...fairTestAtOnce(experiment), ...result.review].flatMap((finding) => Object.values(tell(finding)));
  const isToldHere = (text: string) =>
    text !== experiment.title && !cautions.includes(text) && !found.some((message) => message !== '' && text.includes(message));
  const from = (where: string, texts: readonly string[]) => texts.filter((text) => text !== '').map((text) => ({ where, text }));
  return [
    ...from('question', [question]),
    ...from('hypothesis', [hypothesis]),
    ...from('null hypothesis', [nullHypothesis]),
    ...from('counts as a yes', [plan.countsAsYes]),
    ...from('end', [plan.endRule]),
    ...from('steps', plan.steps),
    ...from('mistakes', plan.commonMistakes),
    ...from('not tested', plan.notTested),
    ...from(
      'kept',
      plan.kept.map(({ how }) => how),
    ),
    ...from(
      'kit',
      kitOf(experiment).flatMap(({ what, how }) => [what, how]),
    ),
    ...from('report', reportText(report(study, result, 'full')).filter(isToldHere)),
  ];
}

/**
 * What such texts say that the plan does not.
 * @param experiment the plan
 * @param gone names that something had in it once, and nothing has any more
 */
export function contradictionsOf(experiment: Experiment, gone: ReadonlySet<string>): string[] {
  const readers = [numbersOfUnits, numbersPutIn, daysNamed, gapsLeft, namesGone(gone)];
  const texts = derivedTexts(experiment);
  return [
    ...texts.flatMap(({ where, text }) => readers.flatMap((read) => read(text, experiment).map((why) => `${where}, ${why}: ${text}`))),
    ...unnamed(experiment),
  ];
}

type Read = (text: string, experiment: Experiment) => string[];

const numbersBefore = (text: string, words: readonly string[]) =>
  words.flatMap((word) =>
    [...text.matchAll(new RegExp(`(?<![\\p{L}\\d.,:+×-])(\\d+) ${word}(?![\\p{L}-])`, 'gu'))].map(([, n]) => Number(n)),
  );

/** What some of several numbers make together. */
const sums = (numbers: readonly number[]) =>
  numbers.reduce<ReadonlySet<number>>((all, number) => new Set([...all, ...[...all].map((sum) => sum + number)]), new Set([0]));

const countsBy = <Item>(items: readonly Item[], keyOf: (item: Item) => string, sizeOf: (item: Item) => number) => {
  const counts = new Map<string, number>();
  for (const item of items) counts.set(keyOf(item), (counts.get(keyOf(item)) ?? 0) + sizeOf(item));
  return [...counts.values()];
};

const numbersOfUnits: Read = (text, { units, plan: { unitNoun, propagule, kit } }) => {
  if (propagule === plural(unitNoun)) return [];
  const one = () => 1;
  const fits = new Set([
    1,
    kit.containerCount ?? 1,
    ...sums(countsBy(units, ({ arm }) => arm, one)),
    ...countsBy(units, ({ block }) => block ?? '', one),
    ...countsBy(units, ({ block, arm }) => `${block ?? ''} ${arm}`, one),
    ...countsBy(units, ({ container }) => container ?? '', one),
  ]);
  return numbersBefore(text, [unitNoun, plural(unitNoun)])
    .filter((number) => !fits.has(number))
    .map((number) => `${number} ${unitNoun}`);
};

const numbersPutIn: Read = (text, { units, plan: { propagule, plantsKept, unitNoun } }) => {
  if (propagule === plural(unitNoun)) return [];
  const sown = ({ sown: count }: (typeof units)[number]) => count ?? 0;
  const fits = new Set([
    1,
    plantsKept ?? 1,
    ...units.map(sown),
    ...sums(countsBy(units, ({ arm }) => arm, sown)),
    ...countsBy(units, ({ block }) => block ?? '', sown),
  ]);
  return numbersBefore(text, [propagule])
    .filter((number) => !fits.has(number))
    .map((number) => `${number} ${propagule}`);
};

const daysNamed: Read = (text, { measures, plan }) => {
  const crop = cropOf(plan);
  const days = [
    0,
    ...(crop?.days ?? []),
    ...(crop?.harvest ?? []),
    ...measures.flatMap(({ readingDays }) => readingDays),
    ...plan.stages.flatMap((stage) => stage.days),
  ];
  const known = new Set(days.flatMap((day) => [day, Math.ceil(day)]));
  return [...text.matchAll(/\bdays? ((?:\d+(?:, | and )?)+)/gi)]
    .flatMap(([, list = '']) => list.match(/\d+/g) ?? [])
    .filter((day) => !known.has(Number(day)))
    .map((day) => `day ${day}`);
};

const gapsLeft: Read = (text) => (/[{}]|undefined|NaN|\[object/.test(text) ? ['a gap'] : []);

const namesGone =
  (gone: ReadonlySet<string>): Read =>
  (text) =>
    [...gone]
      .filter((name) => new RegExp(`(?<![\\p{L}\\d])${escaped(name)}(?![\\p{L}\\d])`, 'u').test(text))
      .map((name) => `“${name}” is gone`);

const escaped = (text: string) => text.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);

/** What is expected names what decides, the groups that are asked about, and the plant. */
function unnamed(experiment: Experiment): string[] {
  const { arms, hypothesis, plan, measures } = experiment;
  const asked = askedOf(experiment);
  const deciding = primaryOf(measures);
  if (!plan.unworded.includes('hypothesis') || asked.length === 0 || asked.length > 4 || !deciding) return [];
  const groups = asked.flatMap(({ factor, group, against }) => (factor === null ? [group, against] : []));
  const words = groups.map((code) => byCode(arms, code)).flatMap((arm) => (arm ? [arm.phrase.trim() || arm.name] : []));
  return [deciding.name, plan.plant, ...words]
    .filter((word) => !hypothesis.toLowerCase().includes(word.toLowerCase()))
    .map((word) => `the hypothesis does not name “${word}”: ${hypothesis}`);
}

/** What a plan says in names of its own: where one of these has a word, it is not gone. */
export const wordsIn = (experiment: Experiment): string => {
  const { plan, title } = experiment;
  const { things, solutions, additions, medium } = plan.kit;
  const kit = [medium, ...things.map(({ what }) => what), ...[...solutions, ...additions].map(({ name }) => name)];
  return [...namesOf(experiment), ...kit, plural(plan.plant), plan.plant, plan.propagule, plan.changed, title].join(' | ');
};

/** Every name that a group, a measure, a step or a place of a plan has. */
export const namesOf = ({ arms, measures, units, plan }: Experiment): Set<string> =>
  new Set([
    ...arms.map(({ name }) => name),
    ...measures.map(({ name }) => name),
    ...plan.stages.map(({ name }) => name),
    ...plan.bench.map(({ name }) => name),
    ...units.flatMap(({ block, container }) => [block ?? '', container ?? '']),
  ]);
