import { itemAt, tupleOf } from '../invariant';
import { controlOf, emptyArm, type Arm, type Experiment, type Measure, type Stage, type UnwordedText } from '../model';
import { plural } from '../quantities/plural';
import { factorsOf } from '../model/factors';
import { crossFactors } from './crossFactors';
import { mostUnitsPerArm, nextArmCode, redesign, wishOf } from './redesign';
import { basisOf, fewestUnits } from '../study/replicates';
import { cropRule } from './rules/crop';
import { keptThoughVaried } from '../ownWords/keptThoughVaried';
import { whereApart } from './rules/place';
import { positionRule } from './rules/position';
import { designOf } from '../power/Design';
import { toStartWith, unitsFor } from '../power/unitsFor';
import { fewestReaching } from './rules/reach';
import { openNeighbours } from './rules/spillover';
import { armDosedBy, dosesNamed, hoursOfDose, redosed } from '../study/doseTold';
import { unitsByArm } from '../study/unitsByArm';
import type { Finding } from '../words/findings';
import { unword, writeUnworded } from '../words/unworded';

/** Something that the app can do about a finding: what the button says, and the plan afterwards. */
export interface Remedy {
  readonly label: string;
  readonly apply: (experiment: Experiment, seed: number) => Experiment;
}

type Maker = (experiment: Experiment) => Remedy | null;

const plan = (experiment: Experiment, more: Partial<Experiment['plan']>): Experiment => ({
  ...experiment,
  plan: { ...experiment.plan, ...more },
});

/** A button that gives texts back to the plan. */
const writtenAgain = (label: string, texts: readonly UnwordedText[]): Remedy => ({
  label,
  apply: (now) => writeUnworded(texts.reduce(unword, now)),
});

/** A button that lays out so many units an arm; null where they would not fit. */
function units(experiment: Experiment, count: number | null): Remedy | null {
  const fewest = Math.min(...unitsByArm(experiment).map((arm) => arm.units.length));
  if (count === null || count > mostUnitsPerArm(experiment.arms.length) || count <= fewest) return null;
  return {
    label: `Use ${count} ${plural(experiment.plan.unitNoun)} per group`,
    apply: (now, seed) => redesign(now, { unitsPerArm: count, seed: now.plan.randomisationSeed ?? seed }),
  };
}

/**
 * A button that lays out as many units an arm as give the wanted chance of a clear answer.
 * @param enough units an arm
 * @returns null where they are there already, would not fit, or where containers count
 */
export function enoughUnits(experiment: Experiment, enough: number): Remedy | null {
  return basisOf(experiment) === 'container' ? null : units(experiment, enough);
}

const comparison: Maker = ({ arms }) => {
  const controls = arms.filter((arm) => arm.role === 'control');
  if (controls.length > 1) {
    const [, second] = tupleOf(controls, 2);
    return {
      label: `Make ${second.name} a reference group`,
      apply: (now) => ({
        ...now,
        arms: now.arms.map((arm) => (arm === second || arm.code === second.code ? { ...arm, role: 'reference' } : arm)),
      }),
    };
  }
  const fresh = (code: string, name: string, role: Arm['role']): Arm => ({ ...emptyArm, code, name, role });
  if (controls.length === 0) {
    return {
      label: 'Add a control',
      apply: (now) =>
        redesign(now, {
          arms: [
            fresh(now.arms.some((arm) => arm.code === 'C') ? nextArmCode(now.arms) : 'C', 'the same, without it', 'control'),
            ...now.arms,
          ],
        }),
    };
  }
  return {
    label: 'Add a treatment',
    apply: (now) => redesign(now, { arms: [...now.arms, fresh(nextArmCode(now.arms), 'treatment', 'treatment')] }),
  };
};

const vehicle: Maker = ({ arms }) => {
  const control = controlOf(arms);
  if (!control) return null;
  return {
    label: 'Give the control plain water too',
    apply: (now) => {
      const treated = new Set(now.arms.filter((arm) => arm.role === 'treatment').map((arm) => arm.code));
      const missing = now.plan.stages.filter(
        (stage) => !stage.tested && !stage.arms.includes(control.code) && stage.arms.some((arm) => treated.has(arm)),
      );
      // A bath that the control has already is made as long, not given twice.
      const ownOf = (stage: Stage) =>
        now.plan.stages.find((own) => own.kind === stage.kind && !own.tested && own.arms.includes(control.code));
      const lengths = new Map(missing.flatMap((stage) => [[ownOf(stage), stage.hours] as const]));
      const fresh = missing.filter((stage) => ownOf(stage) === undefined);
      return plan(now, {
        stages: [
          ...now.plan.stages.map((stage) => (lengths.has(stage) ? { ...stage, hours: lengths.get(stage) ?? null } : stage)),
          ...fresh.map((stage) => ({ ...stage, name: `${stage.name}, in plain water`, arms: [control.code] })),
        ],
      });
    },
  };
};

/** Deals the places until no arm stands in a clump. */
const shuffle = ({ plan: { unitNoun } }: Experiment): Remedy => ({
  label: `Shuffle the ${plural(unitNoun)}`,
  apply: (now, seed) => {
    for (let next = seed; next < seed + 40; next++) {
      const shuffled = redesign(now, { seed: next });
      if (positionRule(shuffled).length === 0 && whereApart(shuffled) === null) return shuffled;
    }
    return redesign(now, { seed });
  },
});

const makers: Readonly<Partial<Record<Finding['rule'], Maker>>> = {
  comparison,
  named: () => writtenAgain('Write them from the plan', ['hypothesis', 'countsAsYes']),
  end: () => writtenAgain('Write the end from the plan', ['endRule']),
  crop: (experiment) => {
    const [facts] = cropRule(experiment).flatMap(({ facts: own }) => (own.is === 'season' ? [] : [own]));
    if (facts === undefined) return null;
    const day = facts.is === 'harvest' ? facts.days[0] : facts.days[1];
    const readOn = (own: Measure): Measure =>
      own.primary ? { ...own, readingDays: [...own.readingDays, day].sort((a, b) => a - b) } : own;
    return { label: `Read on day ${day}, too`, apply: (now) => ({ ...now, measures: now.measures.map(readOn) }) };
  },
  dose: ({ arms }) => ({
    label: 'Go by the doses',
    apply: (now) => ({
      ...now,
      arms: arms.map((arm) => {
        const [named] = dosesNamed(arm);
        return named === undefined || arm.dose === null ? arm : { ...arm, name: redosed(arm.name, named, arm.dose, arm.doseUnit ?? '') };
      }),
      plan: {
        ...now.plan,
        stages: now.plan.stages.map((stage) => {
          const arm = armDosedBy(stage, now);
          return arm ? { ...stage, hours: hoursOfDose(arm) } : stage;
        }),
      },
    }),
  }),
  replication: (experiment) => units(experiment, Math.max(fewestUnits(experiment.layout), fewestReaching(experiment) ?? 4)),
  // Where the design can be played through, its own button says how many are enough.
  reach: (experiment) => (designOf(experiment) === null ? units(experiment, fewestReaching(experiment)) : null),
  losses: (experiment) =>
    designOf(experiment) === null ? units(experiment, toStartWith(fewestUnits(experiment.layout), experiment.plan.expectedSurvival)) : null,
  power: (experiment) => {
    const design = designOf(experiment);
    return design === null ? null : enoughUnits(experiment, toStartWith(unitsFor(design).units, experiment.plan.expectedSurvival));
  },
  shared: ({ plan: { unitNoun } }) => ({
    label: `Give each ${unitNoun} its own`,
    apply: (now) => ({ ...now, units: now.units.map((unit) => ({ ...unit, container: null })) }),
  }),
  'one-change': (experiment) => {
    const factors = factorsOf(experiment.arms);
    if (factors.length !== 2) return null;
    return {
      label: 'Add all combinations',
      apply: (now) => redesign(now, { arms: crossFactors(itemAt(factorsOf(now.arms), 0), itemAt(factorsOf(now.arms), 1), now.arms) }),
    };
  },
  vehicle,
  'same-start': () => ({
    label: 'Start all on one day',
    apply: (now) => ({ ...now, units: now.units.map((unit) => ({ ...unit, startedOn: null })) }),
  }),
  identity: () => ({ label: 'Relabel and re-place them', apply: (now, seed) => redesign(now, { seed }) }),
  blind: () => ({ label: 'Hide the groups', apply: (now) => ({ ...now, blinded: true }) }),
  position: shuffle,
  place: (experiment) => (whereApart(experiment) === null || experiment.plan.fixedPlaces ? null : shuffle(experiment)),
  'factor-kept': (experiment) => {
    const varied = keptThoughVaried(experiment);
    if (varied.length === 0) return null;
    return {
      label: `Remove “${varied[0]}” from the list`,
      apply: (now) =>
        plan(now, {
          kept: now.plan.kept.filter(({ what }) => what !== varied[0]),
          usuallyKept: now.plan.usuallyKept.filter((what) => what !== varied[0]),
        }),
    };
  },
  spillover: () => ({
    label: 'Put barriers between the groups',
    apply: (now) =>
      plan(now, {
        barriers: [...now.plan.barriers, ...openNeighbours(now).map(([left]) => ({ row: left.row ?? 0, column: left.column ?? 0 }))],
      }),
  }),
  'same-seed': () => ({
    label: 'Mix the seed first',
    apply: (now) => ({ ...now, units: now.units.map((unit) => ({ ...unit, lot: 'mixed' })) }),
  }),
  thinning: () => ({
    label: 'Keep the one nearest the centre',
    apply: (now) => plan(now, { thinningRule: 'keep the one nearest the centre' }),
  }),
  unequal: (experiment) => {
    const { unitsPerArm, unitsOf } = wishOf(experiment);
    const equal = Object.values(unitsOf ?? {}).every((count) => count === unitsPerArm);
    // Different numbers sown are a fact that no button mends.
    return equal ? null : { label: 'Make them equal', apply: (now) => redesign(now, { unitsPerArm }) };
  },
};

/** Rules whose remedy deals the arms anew. */
const dealing = new Set<Finding['rule']>(['position', 'place', 'identity', 'unequal']);

/**
 * What the app itself can do about a finding of the fair-test check; null where only the person can.
 * @param finding of this plan
 * @returns words for the button and the plan after it; null where only the person can mend it
 */
export function remedyFor(finding: Pick<Finding, 'rule'>, experiment: Experiment): Remedy | null {
  // Once it has started nothing is dealt or shuffled again.
  if (experiment.plan.lockedOn !== null && dealing.has(finding.rule)) return null;
  return makers[finding.rule]?.(experiment) ?? null;
}
