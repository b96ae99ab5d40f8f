import { controlOf, factorsOf, kindOf, primaryOf, type Experiment, type Finding } from '@fern/core';

type FindingRule = Finding['rule'];
type Checks = { readonly [R in FindingRule]?: (facts: Finding<R>['facts'], experiment: Experiment) => boolean };

const unitsOf = ({ arms, units }: Experiment, name: string) =>
  arms.filter((arm) => arm.name === name).map(({ code }) => units.filter(({ arm }) => arm === code));
const same = (one: readonly unknown[], other: readonly unknown[]) => JSON.stringify([...one].sort()) === JSON.stringify([...other].sort());
const lastDay = ({ measures }: Experiment) => Math.ceil(Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays)));
const distinct = (units: readonly Experiment['units'][number][], of: (unit: Experiment['units'][number]) => string | null) => [
  ...new Set(units.flatMap((unit) => of(unit) ?? [])),
];

/** What each finding of the fair-test check claims, looked up in the plan once more. */
const checks: Checks = {
  blind: ({ measure }, { measures, blinded }) => !blinded && primaryOf(measures)?.name === measure,
  comparison: (facts, { arms }) => {
    if (facts.is === 'no-control') return controlOf(arms) === undefined;
    if (facts.is === 'no-treatment') return !arms.some(({ role }) => role === 'treatment');
    return same(
      facts.names,
      arms.flatMap(({ role, name }) => (role === 'control' ? [name] : [])),
    );
  },
  crop: (facts, experiment) => {
    if (facts.is === 'season') return facts.startedOn === experiment.startedOn;
    const last = Math.max(0, ...(primaryOf(experiment.measures)?.readingDays ?? []));
    return facts.last === last && last < (facts.is === 'sprouting' ? facts.days[1] : facts.days[0]);
  },
  dose: ({ name, step, dose }, { arms, plan }) =>
    arms.some((arm) => arm.name === name && dose.startsWith(String(arm.dose ?? ''))) &&
    (step === null || plan.stages.some((stage) => stage.name === step)),
  end: ({ said, last }, experiment) => last === lastDay(experiment) && said < last && experiment.plan.endRule.includes(String(said)),
  'factor-kept': (facts, experiment) => {
    const { plan, arms } = experiment;
    if (facts.is === 'kept') return plan.kept.some(({ what }) => what === facts.what);
    if (facts.is === 'like-control') return facts.names.every((name) => arms.some((arm) => name.startsWith(arm.name)));
    const lacking = arms.find(({ name }) => name === facts.name);
    return facts.steps.every((step) => {
      const stages = plan.stages.filter(({ name }) => name === step);
      const others = arms.filter(({ role, code }) => role !== 'reference' && code !== lacking?.code);
      const through = (code: string) =>
        stages.some(({ kind }) => plan.stages.some((stage) => stage.kind === kind && stage.arms.includes(code)));
      return lacking !== undefined && !through(lacking.code) && others.every(({ code }) => through(code));
    });
  },
  held: ({ what }, { plan }) => what.every((one) => !plan.kept.some((kept) => kept.what === one && kept.how !== '')),
  identity: (facts, { units }) => {
    if (facts.is === 'no-label') return units.filter(({ code }) => code.trim() === '').length === facts.count;
    const [one, other] = facts.codes.map((code) => units.find((unit) => unit.code === code));
    return one?.row === other?.row && one?.column === other?.column && one?.arm !== other?.arm;
  },
  losses: ({ each, left, unit }, { arms, units, plan }) => {
    const compared = arms.filter(({ role }) => role !== 'reference');
    const counts = compared.map(({ code }) => units.filter(({ arm }) => arm === code).length);
    return each === Math.min(...counts) && left === Math.floor(each * (plan.expectedSurvival ?? 1)) && unit === plan.unitNoun;
  },
  measure: (facts, { measures, plan }) => {
    const deciding = primaryOf(measures);
    if (facts.is === 'no-main') return deciding === undefined;
    if (facts.is === 'no-end') return plan.endRule === '' && deciding?.readingDays.length === 0;
    if (facts.is === 'no-smallest') return deciding?.name === facts.measure && deciding?.smallestDifference === null;
    if (facts.is === 'judged') return facts.measures.every((name) => measures.some((measure) => measure.name === name));
    return facts.is === 'formula' && measures.some((measure) => kindOf(measure).misplanned(measure, measures) === facts.wrong);
  },
  named: ({ text, named: other, main }, { hypothesis, plan, measures }) =>
    primaryOf(measures)?.name === main &&
    measures.some(({ name }) => name === other) &&
    (text === 'hypothesis' ? hypothesis : plan.countsAsYes) !== '',
  'one-change': ({ name, control, factors }, { arms }) =>
    controlOf(arms)?.name === control &&
    arms.some((arm) => arm.name === name) &&
    factors.every((factor) => factorsOf(arms).some((own) => own.name === factor)),
  place: (facts, experiment) => {
    if (facts.is === 'also-differs') return experiment.plan.differences.some((line) => line.startsWith(facts.difference));
    const apart = experiment.arms
      .filter(({ role }) => role !== 'reference')
      .map(({ code }) => experiment.units.filter(({ arm }) => arm === code));
    if (facts.how !== 'block') return facts.fixed === experiment.plan.fixedPlaces;
    const blocks = apart.map((units) => distinct(units, ({ block }) => block));
    return blocks.every((own, i) => blocks.every((other, k) => k === i || own.every((block) => !other.includes(block))));
  },
  position: (_, { units }) => units.some(({ row }) => row !== null),
  reach: ({ unit }, { plan }) => [plan.unitNoun, plan.containerNoun, 'container', 'pair', 'block'].includes(unit),
  replication: ({ none, one }, experiment) =>
    none.every((name) => unitsOf(experiment, name).some(({ length }) => length === 0)) &&
    one.every((name) => unitsOf(experiment, name).some(({ length }) => length === 1)),
  'same-seed': ({ name, lots, other, otherLots }, experiment) =>
    unitsOf(experiment, name).some((units) =>
      same(
        distinct(units, ({ lot }) => lot),
        lots,
      ),
    ) &&
    unitsOf(experiment, other).some((units) =>
      same(
        distinct(units, ({ lot }) => lot),
        otherLots,
      ),
    ),
  'same-start': ({ name, days, other, otherDays }, experiment) => {
    const of = (arm: string) => unitsOf(experiment, arm).map((units) => distinct(units, (unit) => unit.startedOn ?? experiment.startedOn));
    return of(name).some((own) => same(own, days)) && of(other).some((own) => same(own, otherDays)) && !same(days, otherDays);
  },
  scope: ({ parts }, { plan }) => parts.every((part) => plan.notTested.includes(part)),
  shared: (facts, experiment) => {
    const holds = (name: string, container: string) =>
      unitsOf(experiment, name).some((units) => units.length > 1 && units.every((unit) => unit.container === container)) &&
      experiment.units
        .filter((unit) => unit.container === container)
        .every(({ arm }) =>
          unitsOf(experiment, name)
            .flat()
            .some((unit) => unit.arm === arm),
        );
    if (facts.is === 'one-alone') return holds(facts.name, facts.container);
    if (facts.is === 'each-alone') return facts.names.every((name, i) => holds(name, facts.containers[i] ?? ''));
    return facts.groups.every(({ name, containers, units: count }) =>
      unitsOf(experiment, name).some(
        (units) => units.length === count && distinct(units, ({ container }) => container).length === containers,
      ),
    );
  },
  spillover: ({ routes, from, to }, { units, plan }) => {
    const [left, right] = [from, to].map((code) => units.find((unit) => unit.code === code));
    return (
      same(routes, plan.spilloverRoutes) &&
      left?.row === right?.row &&
      (left?.column ?? 0) + 1 === right?.column &&
      left?.arm !== right?.arm
    );
  },
  thinning: ({ sown, kept }, { units, plan }) =>
    plan.plantsKept === kept && sown > kept && sown === Math.max(...units.map((unit) => unit.sown ?? 0)) && plan.thinningRule === '',
  unequal: (facts, experiment) =>
    facts.is === 'units'
      ? facts.groups.every(({ name, units: count }) => unitsOf(experiment, name).some(({ length }) => length === count)) &&
        new Set(facts.groups.map(({ units }) => units)).size > 1
      : facts.numbers.every((number) => experiment.units.some(({ sown }) => sown === number)) && facts.numbers.length > 1,
  vehicle: ({ step, hours }, { arms, plan }) =>
    plan.stages.some(
      (stage) => stage.name === step && stage.hours === hours && !stage.tested && !stage.arms.includes(controlOf(arms)?.code ?? ''),
    ),
  words: (facts, { question, hypothesis, plan, arms }) =>
    facts.is === 'vague'
      ? hypothesis.includes(facts.word)
      : facts.where.length > 0 && /\bX\b/.test([question, hypothesis, plan.changed, ...arms.map(({ name }) => name)].join(' ')),
};

/** Findings that say what the plan does not have, and those that nothing here looks up. */
export function untrue(findings: readonly Finding[], experiment: Experiment): string[] {
  const isTrue = <R extends FindingRule>({ rule, facts }: Finding<R>) => {
    const own: { readonly [P in FindingRule]?: (of: Finding<P>['facts'], now: Experiment) => boolean } = checks;
    return own[rule]?.(facts, experiment) ?? false;
  };
  return findings.filter((finding) => !isTrue(finding)).map(({ rule, facts }) => `${rule}: ${JSON.stringify(facts)}`);
}
