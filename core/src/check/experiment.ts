import { itemAt } from '../invariant';
import { kindOf } from '../kinds';
import { dateAndYear, isMoment, sidesThere, type Experiment } from '../model';
import { askedWords } from '../study/askedWords';
import { checkDay } from './day';
import { refused, type Objection } from './Objection';

/**
 * What must fit together in an experiment, and no single field can tell.
 * @param experiment at any step
 * @param latest calendar date after which nothing can have happened yet
 * @returns pointers begin at the experiment: "/units/3/arm"
 */
export function checkExperiment(experiment: Experiment, latest: string): Objection[] {
  return [...rules.flatMap((rule) => rule(experiment)), ...daysToCome(experiment, latest)];
}

/** What is over: the start that locked the plan, the end, a loss. Day 0 itself may be planned ahead. */
function daysToCome({ plan, endedOn, units }: Experiment, latest: string): Objection[] {
  const past = (day: string | null, pointer: string) => (day === null ? [] : checkDay(day, { start: null, end: null, latest }, pointer));
  return [
    ...past(plan.lockedOn, '/plan/lockedOn'),
    ...past(endedOn, '/endedOn'),
    ...units.flatMap(({ lostOn }, i) => past(lostOn, `/units/${i}/lostOn`)),
  ];
}

const rules: readonly ((experiment: Experiment) => Objection[])[] = [
  ({ arms }) => {
    const controls = arms.flatMap((arm, i) => (arm.role === 'control' ? [{ i, name: arm.name }] : []));
    if (controls.length === 0) return [refused('one-control', '/arms', 'There’s no control group. Make one group the control.')];
    const first = itemAt(controls, 0);
    return controls
      .slice(1)
      .map(({ i, name }) => refused('one-control', `/arms/${i}/role`, `There are two controls, ${first.name} and ${name}. Keep one.`));
  },
  ({ measures }) => {
    const primaries = measures.flatMap(({ primary }, i) => (primary ? [i] : []));
    if (primaries.length === 0)
      return [refused('one-decides', '/measures', 'No measure decides. Choose the one that carries the verdict.')];
    return primaries.slice(1).map((i) => refused('one-decides', `/measures/${i}/primary`, 'Only one measure can decide.'));
  },
  ({ arms, units }) => {
    const known = new Set(arms.map(({ code }) => code));
    return units.flatMap(({ code, arm }, i) =>
      known.has(arm) ? [] : [refused('no-such-arm', `/units/${i}/arm`, `${code} belongs to group “${arm}”, which does not exist.`)],
    );
  },
  ({ asked, arms }) =>
    asked.flatMap((own, i) =>
      sidesThere(own, arms)
        ? []
        : [refused('no-such-arm', `/asked/${i}`, `“${askedWords(own, arms)}” is asked, and one of the two is not there.`)],
    ),
  ({ measures }) =>
    measures.flatMap((measure, i) => {
      const wrong = kindOf(measure).misplanned(measure, measures);
      return wrong === null ? [] : [refused('formula', `/measures/${i}/derived`, wrong)];
    }),
  ({ startedOn, endedOn }) =>
    startedOn !== null && endedOn !== null && endedOn < startedOn
      ? [refused('end-before-start', '/endedOn', `The end, ${dateAndYear(endedOn)}, is before the start on ${dateAndYear(startedOn)}.`)]
      : [],
  ({ plan }) =>
    plan.controlLimits.flatMap(({ least, most }, i) =>
      least !== null && most !== null && least > most
        ? [
            refused(
              'least-above-most',
              `/plan/controlLimits/${i}/most`,
              `At least ${least} and at most ${most} cannot both be. Put one of them right.`,
            ),
          ]
        : [],
    ),
  ({ plan }) =>
    plan.stages.flatMap(({ name, hours, hoursMost }, i) =>
      hours !== null && hoursMost !== null && hours > hoursMost
        ? [
            refused(
              'least-above-most',
              `/plan/stages/${i}/hoursMost`,
              `“${name}” takes ${hours} h and may take ${hoursMost} h at most. Put one of them right.`,
            ),
          ]
        : [],
    ),
  ({ created }) =>
    created === '' || isMoment(created)
      ? []
      : [refused('created', '/created', `“${created.slice(0, 40)}” is no date or date-time, like 2026-04-14T09:30:00Z.`)],
  ({ plan: { seal, lockedOn } }) => {
    if (seal.openedOn !== null && seal.sealedOn === null)
      return [refused('seal', '/plan/seal/openedOn', 'A key that was never sealed cannot have been opened.')];
    if (seal.sealedOn !== null && lockedOn === null)
      return [refused('seal', '/plan/seal/sealedOn', 'A key is sealed once the plan is locked at the start, and not before.')];
    return [];
  },
];
