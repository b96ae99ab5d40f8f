import { upperFirst } from 'lodash-es';
import { inList } from '../../quantities/inList';
import { inRow } from '../../quantities/inRow';
import { counted, plural } from '../../quantities/plural';
import { shortDate } from '../../model';
import { fewInList } from '../fewInList';
import { rowsInList } from '../rowsInList';
import { cropFinding } from './cropFinding';
import { powerFinding } from './powerFinding';
import { says, type FindingText } from './says';

/** What the fair-test check says of a plan, by rule. Style: one sentence on what is so, one on why it matters, one on what to do. */
export const planFindings = {
  blind: ({ measure }: { readonly measure: string }): FindingText =>
    says(
      `The person who judges “${measure}” can see which group it is. We tend to see what we expect.`,
      'Hide the groups until the last reading.',
    ),

  comparison: (
    facts: { readonly is: 'no-control' } | { readonly is: 'no-treatment' } | { readonly is: 'controls'; readonly names: readonly string[] },
  ): FindingText => {
    if (facts.is === 'no-control')
      return says(
        'There’s no control group, so there’s nothing to compare with.',
        'Add a control: the same in everything, but without the treatment.',
      );
    if (facts.is === 'no-treatment')
      return says('There’s a control group but no treatment.', 'Add a group that gets what you want to test.');
    const { names } = facts;
    return says(
      `${inList(names.map(inRow))} are ${names.length === 2 ? 'both' : 'all'} called the control.`,
      `Keep one control and make the ${names.length === 2 ? 'other a reference group' : 'others reference groups'}.`,
    );
  },

  crop: cropFinding,

  dose: ({
    name,
    dose,
    step,
    says: other,
  }: {
    readonly name: string;
    readonly dose: string;
    readonly step: string | null;
    readonly says: string;
  }): FindingText =>
    says(
      step === null
        ? `The dose of “${name}” is ${dose}, and its name says ${other}.`
        : `The dose of “${name}” is ${dose}, and its step “${step}” lasts ${other}.`,
      'Correct the one that is wrong: label, kit and report would say both.',
    ),

  end: ({ said, last }: { readonly said: number; readonly last: number }): FindingText =>
    says(`The plan says that it ends on day ${said}, but the last reading is on day ${last}.`, 'Correct the end or the reading days.'),

  'factor-kept': (
    facts:
      | { readonly is: 'kept'; readonly what: string }
      | { readonly is: 'like-control'; readonly names: readonly string[] }
      | { readonly is: 'without-step'; readonly name: string; readonly steps: readonly string[] },
  ): FindingText => {
    if (facts.is === 'kept')
      return says(
        `“${facts.what}” is listed as kept the same, but it’s what differs between the groups.`,
        'Remove it from the list of what you keep the same.',
      );
    if (facts.is === 'like-control')
      return says(
        `Nothing makes ${inList(facts.names.map(inRow))} different from the control.`,
        'Say what is different about it, or remove the group.',
      );
    return says(
      `Every group gets ${facts.steps.map((step) => `“${step}”`).join(' or ')} except ${inRow(facts.name)}.`,
      'Give it to all groups, or mark it as what is tested.',
    );
  },

  held: ({ what }: { readonly what: readonly string[] }): FindingText =>
    says(
      `Nothing says how ${inList(what.map((one) => `“${one}”`))} ${what.length === 1 ? 'is' : 'are'} kept the same in all groups.`,
      'Write down how, or why it can’t matter.',
    ),

  identity: (
    facts:
      | { readonly is: 'no-label'; readonly count: number; readonly unit: string }
      | { readonly is: 'one-position'; readonly codes: readonly [string, string]; readonly unit: string },
  ): FindingText => {
    if (facts.is === 'no-label')
      return says(
        `${counted(facts.count, facts.unit)} ${facts.count === 1 ? 'has' : 'have'} no label.`,
        `Give every ${facts.unit} its own label before you start.`,
      );
    const [one, other] = facts.codes;
    return says(
      `${one} and ${other} share a position but belong to different groups, so you won’t be able to tell them apart.`,
      `Give each ${facts.unit} a position of its own.`,
    );
  },

  losses: ({
    each,
    unit,
    left,
    needed,
    start,
  }: {
    readonly each: number;
    readonly unit: string;
    readonly left: number;
    readonly needed: number;
    /** Null where the design is played through, which says it. */
    readonly start: number | null;
  }): FindingText =>
    says(
      `Of ${counted(each, unit)} per group, perhaps ${left === 0 ? 'none' : `only ${left}`} will survive. A clear answer needs ${needed}.`,
      start === null ? 'Start with more: “What could this show?” says how many.' : `Start with ${start} per group.`,
    ),

  measure: (
    facts:
      | { readonly is: 'no-main' | 'no-end' }
      | { readonly is: 'no-smallest'; readonly measure: string }
      | { readonly is: 'judged'; readonly measures: readonly string[] }
      | { readonly is: 'formula'; readonly wrong: string },
  ): FindingText => {
    switch (facts.is) {
      case 'no-main':
        return says('There’s no main measurement.', 'Choose one before you start; the verdict will rest on it.');
      case 'no-end':
        return says(
          'There’s no end date, so it would be tempting to stop when the result looks good.',
          'Write down the day or the rule for the end.',
        );
      case 'no-smallest':
        return says(
          'You haven’t said how big a difference would matter.',
          `Set the smallest difference in “${facts.measure}” that would change what you do.`,
        );
      case 'judged':
        return says(
          `${inList(facts.measures.map((name) => `“${name}”`))} ${facts.measures.length === 1 ? 'is a judgement' : 'are judgements'} that two people would make differently.`,
          'Say what is counted, measured with a ruler or weighed, and in which unit.',
        );
      case 'formula':
        return says(facts.wrong, 'Correct the formula or the unit.');
    }
  },

  named: ({
    text,
    named,
    main,
  }: {
    readonly text: 'hypothesis' | 'countsAsYes';
    readonly named: string;
    readonly main: string;
  }): FindingText =>
    says(
      `${text === 'hypothesis' ? 'The hypothesis' : 'What would count as a yes'} speaks of “${named}”, but “${main}” is the main measurement.`,
      'Reword it, or make the other the main measurement.',
    ),

  'one-change': ({
    name,
    control,
    factors,
  }: {
    readonly name: string;
    readonly control: string;
    readonly factors: readonly string[];
  }): FindingText =>
    says(
      `${inRow(name)} differs from ${inRow(control)} in ${inList(factors)}. Any difference could come from ${factors.length === 2 ? 'either' : 'any'} change.`,
      'Change one thing, or add the groups that change each alone.',
    ),

  place: (
    facts:
      | { readonly is: 'also-differs'; readonly difference: string }
      | { readonly is: 'apart'; readonly how: 'block' | 'shelf' | 'side'; readonly fixed: boolean },
  ): FindingText => {
    if (facts.is === 'also-differs')
      return says(
        `The groups also differ in something else: ${facts.difference}. The result could come from that as well.`,
        'Make it the same if you can. If you can’t, the report says so beside the verdict.',
      );
    return says(
      `Each group is ${apartWords[facts.how]}. Any effect of the position would look like the treatment.`,
      facts.fixed
        ? 'Repeat it with the sides swapped, or measure light and warmth on both sides and report them.'
        : 'Shuffle the positions, so that every group has some of each.',
    );
  },

  position: ({ along }: { readonly along: 'columns' | 'rows' | 'edge' }): FindingText =>
    says(
      `The groups are clustered ${alongWords[along]}. A brighter or warmer spot would look like the treatment.`,
      'Shuffle the positions.',
    ),

  power: powerFinding,

  reach: ({
    whom,
    unit,
    shuffles,
    advice,
  }: {
    /** The groups, as a sentence goes on with them: "with 50 mM salt". */
    readonly whom: string;
    readonly unit: string;
    /** One in so many shuffles would give it. */
    readonly shuffles: number;
    readonly advice: { readonly is: 'started' | 'played' } | { readonly is: 'pairs' | 'units'; readonly enough: number };
  }): FindingText =>
    says(
      `Even if every ${unit} ${whom} beat every control, shuffling alone would give that in ${shuffles === 1 ? 'every shuffle' : `1 of ${shuffles} shuffles`}. No result could be convincing.`,
      reachAdvice(advice, unit),
    ),

  replication: ({
    none,
    one,
    unit,
  }: {
    readonly none: readonly string[];
    readonly one: readonly string[];
    readonly unit: string;
  }): FindingText => {
    const row = (names: readonly string[], has: string) =>
      names.length === 0 ? [] : [`${inList(names.map(inRow))} ${names.length === 1 ? 'has' : 'each have'} ${has} ${unit}`];
    return says(
      `${upperFirst([...row(none, 'no'), ...row(one, 'only one')].join('; '))}. With so few you can’t separate the treatment from that ${unit}’s luck.`,
      `Give every group at least four. ${unit === 'plant' ? 'Leaves or fruits of one plant' : `Seeds or plants in one ${unit}`} aren’t replicates.`,
    );
  },

  'same-seed': ({
    name,
    lots,
    other,
    otherLots,
  }: {
    readonly name: string;
    readonly lots: readonly string[];
    readonly other: string;
    readonly otherLots: readonly string[];
  }): FindingText =>
    says(
      `${inRow(name)} has ${lotWords(lots)}, but ${inRow(other)} has ${lotWords(otherLots)}. Older or weaker seed could look like a treatment effect.`,
      'Mix the seed first, or give every group some of each seed lot. Two halves of one cutting make a pair.',
    ),

  'same-start': ({
    name,
    days,
    other,
    otherDays,
  }: {
    readonly name: string;
    readonly days: readonly string[];
    readonly other: string;
    readonly otherDays: readonly string[];
  }): FindingText =>
    says(
      `${inRow(name)} starts on ${fewInList(days.map(shortDate), MOST_DAYS, 'days')}, but ${inRow(other)} on ${fewInList(otherDays.map(shortDate), MOST_DAYS, 'days')}. Weather and plant age would then differ too.`,
      'Start every group on the same day, or some of each group on each day, as blocks.',
    ),

  scope: ({ parts }: { readonly parts: readonly string[] }): FindingText =>
    says(`Not tested here: ${parts.join('; ')}.`, 'Say so in the report. Don’t claim more than you tested.'),

  shared: (
    facts:
      | { readonly is: 'one-alone'; readonly name: string; readonly container: string; readonly what: string }
      | { readonly is: 'each-alone'; readonly names: readonly string[]; readonly containers: readonly string[]; readonly what: string }
      | {
          readonly is: 'several';
          readonly what: string;
          readonly unit: string;
          readonly groups: readonly { readonly name: string; readonly containers: number; readonly units: number }[];
        },
  ): FindingText => {
    if (facts.is === 'several') return severalShared(facts);
    const remedy = `Give each group at least two ${plural(facts.what)} of its own, let the groups share each one, or repeat the experiment in batches.`;
    return facts.is === 'one-alone'
      ? says(
          `All of ${inRow(facts.name)} is in ${facts.container} and no other group is. Anything unusual about ${facts.container} would look like the treatment.`,
          remedy,
        )
      : says(
          `${inList(facts.names.map(inRow))} each have one ${facts.what} to themselves: ${inList(facts.containers)}. Anything unusual about one ${facts.what} would look like the treatment.`,
          remedy,
        );
  },

  spillover: ({
    routes,
    unit,
    from,
    to,
  }: {
    readonly routes: readonly string[];
    readonly unit: string;
    readonly from: string;
    readonly to: string;
  }): FindingText =>
    says(
      `${upperFirst(inList(routes))} can spread from one ${unit} to a neighbour in another group, for example from ${from} to ${to}.`,
      'Put barriers between them, leave a space, or use a tray for each group.',
    ),

  thinning: ({ sown, kept, unit }: { readonly sown: number; readonly kept: number; readonly unit: string }): FindingText =>
    says(
      `In each ${unit} ${sown} are sown and ${kept} ${kept === 1 ? 'is' : 'are'} kept, but there’s no rule for which. It would be easy to keep the best plants in your favourite group.`,
      'Write a rule before you sow: keep the one nearest the centre.',
    ),

  unequal: (
    facts:
      | { readonly is: 'units'; readonly groups: readonly { readonly name: string; readonly units: number }[] }
      | { readonly is: 'sown'; readonly unit: string; readonly numbers: readonly number[] },
  ): FindingText =>
    says(
      facts.is === 'units'
        ? `The groups have different numbers: ${rowsInList(facts.groups, ({ units }) => String(units))}.`
        : `Not every ${facts.unit} has the same number sown: ${inList(facts.numbers.map(String))}.`,
      'Nothing to do: percentages and means are compared, not totals.',
    ),

  vehicle: ({ step, hours }: { readonly step: string; readonly hours: number | null }): FindingText =>
    says(
      `The control doesn’t get “${step}”${hours === null ? '' : ` for ${hours} h`}, so the step itself could explain a difference.`,
      'Give the control the same step, with plain water in place of the treatment.',
    ),

  words: (
    facts: { readonly is: 'vague'; readonly word: string } | { readonly is: 'open'; readonly where: readonly string[] },
  ): FindingText =>
    facts.is === 'vague'
      ? says(`“${facts.word}” can be read in many ways.`, 'Say in the hypothesis what is counted, measured or weighed.')
      : says(`There’s still an X in ${inList(facts.where)}.`, 'Say what you are testing.'),
};

const apartWords = { block: 'in a block of its own', shelf: 'on its own shelf or in its own bed', side: 'on its own side' } as const;

const alongWords = { columns: 'from left to right', rows: 'from shelf to shelf', edge: 'from edge to middle' } as const;

const MOST_DAYS = 3;

const lotWords = (lots: readonly string[]) => (lots.length === 0 ? 'no named seed lot' : inList(lots.map(inRow)));

function reachAdvice(advice: Parameters<typeof planFindings.reach>[0]['advice'], unit: string): string {
  switch (advice.is) {
    case 'started':
      return `Only more ${plural(unit)} could tell.`;
    case 'played':
      return `Use more ${plural(unit)}: “What could this show?” says how many are enough.`;
    case 'pairs':
      return `Use at least ${advice.enough} pairs.`;
    case 'units':
      return `Use at least ${advice.enough} ${plural(unit)} per group.`;
  }
}

function severalShared({ what, unit, groups }: Extract<Parameters<typeof planFindings.shared>[0], { is: 'several' }>): FindingText {
  const [first, ...others] = groups;
  const alike = others.every(({ containers, units }) => containers === first?.containers && units === first.units);
  const said =
    first && alike
      ? `Each group has ${counted(first.containers, what)}, so its ${counted(first.units, unit)} count as ${first.containers}, not as ${first.units}`
      : `Each ${what} counts once: ${rowsInList(groups, ({ containers, units }) => `${containers}, not ${units}`)}`;
  return says(
    `${said}. What happens to a ${what} happens to everything in it.`,
    `Adding ${plural(what)} helps more than adding ${plural(unit)} to each.`,
  );
}
