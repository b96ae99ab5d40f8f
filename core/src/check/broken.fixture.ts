import { itemAt } from '../invariant';
import {
  blankOf,
  careFields,
  incidentFields,
  photoFields,
  type Care,
  type Experiment,
  type Incident,
  type Measure,
  type Observation,
  type Photo,
  type Study,
} from '../model';
import { aMeasure, anArm, anExperiment, anObservation, aUnit } from '../testing';

/** A thing that breaks a rule, for every door through which it could come in, with the one answer that each must give. */
interface Broken {
  readonly name: string;
  /** What stands already, and breaks nothing. */
  readonly study: Study;
  /** What breaks it: a reading, an entry, or the experiment itself. */
  readonly thing:
    | { readonly reading: Observation }
    | { readonly incident: Incident }
    | { readonly care: Care }
    | { readonly photo: Photo }
    | { readonly experiment: Experiment };
  readonly answer: 'refused' | 'asked';
  /** In the reading, the entry or the experiment. */
  readonly pointer: string;
  readonly words: string;
}

const steps = [1, 2, 3, 4, 5].map((value) => ({ value, words: `step ${value}` }));
const days = { readingDays: [4, 7] };
const measures = {
  sprouts: aMeasure({ code: 'sprouts', name: 'Sprouts', kind: 'count', unit: '', ...days }),
  height: aMeasure({ code: 'height', name: 'Height', ...days }),
  vigour: aMeasure({ code: 'vigour', name: 'Vigour', kind: 'rating', unit: '', rubric: steps, ...days }),
  bud: aMeasure({ code: 'bud', name: 'First bud', kind: 'event', unit: 'd', ...days }),
  told: aMeasure({ code: 'told', name: 'Told', kind: 'count', unit: '', category: 'up', categories: ['up', 'dead', 'not-yet'], ...days }),
  double: aMeasure({ code: 'double', name: 'Double', kind: 'derived', unit: 'cm', derived: '2*height', primary: false, readingDays: [] }),
} satisfies Record<string, Measure>;

const base = anExperiment({
  title: 'Broken things',
  startedOn: '2026-04-01',
  endedOn: '2026-04-20',
  arms: [anArm('C'), anArm('T')],
  units: ['D1', 'D2', 'D3', 'D4'].map((code, i) => aUnit(code, i % 2 ? 'T' : 'C', { row: 1, column: i + 1, sown: 25 })),
});
const experiment: Experiment = { ...base, plan: { ...base.plan, unitNoun: 'dish', lockedOn: '2026-04-01' } };

/** A started experiment on one measurement, which decides, and on one that is worked out of it. */
function studyOn(measure: Measure, ...observations: readonly Observation[]): Study {
  const own = measure.code === 'height' ? [measure, measures.double] : [measure];
  return { experiment: { ...experiment, measures: own }, observations, incidents: [], care: [], photos: [] };
}

const at4 = { observedOn: '2026-04-05', plannedDay: 4 };
const at7 = { observedOn: '2026-04-08', plannedDay: 7 };
const seen = (measure: Measure, value: number, more: Partial<Observation> = {}): Observation => {
  const { unit = 'D1' } = more;
  return anObservation(unit, value, { id: `broken-${unit}`, measure: measure.code, category: measure.category, ...at7, ...more });
};
const before = (measure: Measure, unit: string, value: number, more: Partial<Observation> = {}) =>
  seen(measure, value, { id: `${unit}-${more.observedOn ?? ''}-${more.category ?? ''}`, unit, ...more });

const { sprouts, height, vigour, bud, told, double } = measures;
const reading = (
  name: string,
  answer: Broken['answer'],
  pointer: string,
  words: string,
  own: Observation,
  study: Study = studyOn(Object.values(measures).find(({ code }) => code === own.measure) ?? height),
): Broken => ({ name, study, thing: { reading: own }, answer, pointer, words });

const others = (day: Partial<Observation>) => ['D2', 'D3', 'D4'].map((unit, i) => before(height, unit, 11 + i, day));

const readings: readonly Broken[] = [
  reading('off the scale', 'refused', '/value', '99 is no step of “Vigour”. Its steps are 1, 2, 3, 4, 5.', seen(vigour, 99)),
  reading('between two steps', 'refused', '/value', '2.5 is no step of “Vigour”. Its steps are 1, 2, 3, 4, 5.', seen(vigour, 2.5)),
  reading('half a sprout', 'refused', '/value', 'A count is a whole number.', seen(sprouts, 2.5)),
  reading('half an event', 'refused', '/value', 'Type 1 if it has happened, 0 if not yet.', seen(bud, 0.5)),
  reading('below none', 'refused', '/value', '“Height” cannot be below 0. Check the sign.', seen(height, -3)),
  reading('too large', 'refused', '/value', 'That number is too large to be a reading.', seen(height, 2e12)),
  reading(
    'typed where it is worked out',
    'refused',
    '/value',
    'This is worked out from other measures and never typed.',
    seen(double, 5),
    studyOn(height),
  ),
  reading(
    'of a day to come',
    'refused',
    '/observedOn',
    '1 Jan 2099 is still to come. Choose a day up to today.',
    seen(height, 5, { observedOn: '2099-01-01', plannedDay: null }),
  ),
  reading(
    'with a value and why there is none',
    'refused',
    '/value',
    'A reading has a value, or says why there is none: not read, or nothing there.',
    seen(height, 5, { absent: 'not-read' }),
  ),
  reading('with neither', 'refused', '/value', 'A reading has a value, or says why there is none: not read, or nothing there.', {
    ...seen(height, 5),
    value: null,
  }),
  reading('of no dish', 'refused', '/unit', 'There is no dish D9 in this experiment.', seen(height, 5, { unit: 'D9' })),
  reading('of no measure', 'refused', '/measure', 'There is no measure taste in this experiment.', {
    ...seen(height, 5),
    measure: 'taste',
  }),
  reading('of no category', 'refused', '/category', 'The categories of Told are up, dead, not-yet.', seen(told, 5, { category: 'lost' })),
  reading(
    'one category too many',
    'refused',
    '/value',
    '6 up and 20 dead make 26, and 25 were sown in D1: 1 too many. Count again.',
    seen(told, 6),
    studyOn(told, before(told, 'D1', 20, { category: 'dead' })),
  ),
  reading(
    'categories that leave some out',
    'asked',
    '/value',
    '2 up and 20 dead make 22, and 25 were sown in D1: 3 not told of.',
    seen(told, 2),
    studyOn(told, before(told, 'D1', 20, { category: 'dead' }), before(told, 'D1', 0, { category: 'not-yet' })),
  ),
  reading(
    'a correction of itself',
    'refused',
    '/replaces',
    'A reading cannot correct itself. Name an earlier one.',
    seen(height, 5, { replaces: 'broken-D1' }),
  ),
  reading(
    'a correction of another dish',
    'refused',
    '/replaces',
    'A correction must name an earlier reading of the same unit and measure.',
    seen(height, 5, { replaces: 'D2-2026-04-08-' }),
    studyOn(height, before(height, 'D2', 6, at7)),
  ),
  reading(
    'a second correction of one reading',
    'refused',
    '/replaces',
    'This reading was corrected already, to 6. Load the experiment again, then correct that one.',
    seen(height, 5, { replaces: 'first' }),
    studyOn(height, seen(height, 7, { id: 'first' }), seen(height, 6, { id: 'second', replaces: 'first' })),
  ),
  reading('more than were sown', 'asked', '/value', '26 is more than the 25 sown in D1. Count again.', seen(sprouts, 26)),
  reading(
    'a total that falls',
    'asked',
    '/value',
    'D1 went from 9 (Sun 5 Apr) to 8. A total does not usually go back.',
    seen(sprouts, 8),
    studyOn(sprouts, before(sprouts, 'D1', 9, at4)),
  ),
  reading(
    'ten times the others',
    'asked',
    '/value',
    '120 cm is about ten times more than the others (12 cm). Is the decimal point right?',
    seen(height, 120),
    studyOn(height, ...others(at7)),
  ),
  reading(
    'a tenth of what it was',
    'asked',
    '/value',
    '1.2 cm is about ten times less than before (12 cm). Is the decimal point right?',
    seen(height, 1.2),
    studyOn(height, before(height, 'D1', 12, at4)),
  ),
  reading(
    'an event taken back',
    'asked',
    '/value',
    'In D1 it had happened by Sun 5 Apr. What has happened does not usually go back.',
    seen(bud, 0),
    studyOn(bud, before(bud, 'D1', 1, at4)),
  ),
  reading(
    'before the start',
    'asked',
    '/observedOn',
    '30 Mar 2026 is before the start on 1 Apr 2026.',
    seen(height, 5, { observedOn: '2026-03-30', plannedDay: null }),
  ),
  reading(
    'after the end',
    'asked',
    '/observedOn',
    '25 Apr 2026 is after the end on 20 Apr 2026.',
    seen(height, 5, { observedOn: '2026-04-25', plannedDay: null }),
  ),
];

const noon = { id: 'entry', on: '2026-04-05' };
const incident = (more: Partial<Incident>): Incident => ({ ...blankOf(incidentFields), ...noon, kind: 'weather', ...more });
const care = (more: Partial<Care>): Care => ({ ...blankOf(careFields), ...noon, kind: 'water', ...more });
const photo = (more: Partial<Photo>): Photo => ({ ...blankOf(photoFields), ...noon, file: 'entry.jpg', width: 1, height: 1, ...more });
const entry = (name: string, thing: Broken['thing'], pointer: string, words: string): Broken => ({
  name,
  study: studyOn(height),
  thing,
  answer: 'refused',
  pointer,
  words,
});
const toCome = '1 Jan 2099 is still to come. Choose a day up to today.';

const entries: readonly Broken[] = [
  entry('an incident to come', { incident: incident({ on: '2099-01-01' }) }, '/on', toCome),
  entry('an incident of no dish', { incident: incident({ units: ['D1', 'D9'] }) }, '/units/1', 'There is no dish D9 in this experiment.'),
  entry('an incident of no arm', { incident: incident({ arms: ['X'] }) }, '/arms/0', 'There is no group X in this experiment.'),
  entry('care to come', { care: care({ on: '2099-01-01' }) }, '/on', toCome),
  entry('care of no dish', { care: care({ units: ['D9'] }) }, '/units/0', 'There is no dish D9 in this experiment.'),
  entry(
    'care that ended before it began',
    { care: care({ began: '2026-04-05T09:00:00Z', ended: '2026-04-05T08:00:00Z' }) },
    '/ended',
    'It ended, 2026-04-05T08:00:00Z, before it began, 2026-04-05T09:00:00Z.',
  ),
  entry('a photo to come', { photo: photo({ on: '2099-01-01' }) }, '/on', toCome),
  entry('a photo of no arm', { photo: photo({ arms: ['X'] }) }, '/arms/0', 'There is no group X in this experiment.'),
];

const { arms, units } = experiment;
const plan = (name: string, more: Partial<Experiment>, pointer: string, words: string): Broken => {
  const study = studyOn(height);
  return { name, study, thing: { experiment: { ...study.experiment, ...more } }, answer: 'refused', pointer, words };
};
const [control, treatment] = [itemAt(arms, 0), itemAt(arms, 1)];
const limit = { measure: 'height', arm: null, least: 80, most: 60 };
const stage = {
  name: 'Soak',
  kind: 'soak',
  arms: [],
  hours: 12,
  hoursMost: 6,
  mayWait: null,
  at: '',
  days: [],
  hazards: [],
  tested: false,
} as const;

const plans: readonly Broken[] = [
  plan(
    'no control',
    { arms: [{ ...control, role: 'treatment' }, treatment] },
    '/arms',
    'There’s no control group. Make one group the control.',
  ),
  plan(
    'two controls',
    { arms: [control, { ...treatment, role: 'control' }] },
    '/arms/1/role',
    'There are two controls, C and T. Keep one.',
  ),
  plan(
    'nothing that decides',
    { measures: [{ ...height, primary: false }] },
    '/measures',
    'No measure decides. Choose the one that carries the verdict.',
  ),
  plan('two that decide', { measures: [height, { ...sprouts, primary: true }] }, '/measures/1/primary', 'Only one measure can decide.'),
  plan(
    'a dish of no arm',
    { units: [...units.slice(0, 3), { ...itemAt(units, 3), arm: 'X' }] },
    '/units/3/arm',
    'D4 belongs to group “X”, which does not exist.',
  ),
  plan(
    'an arm asked about that is not there',
    { asked: [{ factor: null, group: 'X', against: 'C' }] },
    '/asked/0',
    '“X against C” is asked, and one of the two is not there.',
  ),
  plan(
    'a level asked about that no arm has',
    { asked: [{ factor: 'mulch', group: 'straw', against: 'none' }] },
    '/asked/0',
    '“straw against none (mulch)” is asked, and one of the two is not there.',
  ),
  plan(
    'a formula over nothing that is read',
    { measures: [height, { ...double, derived: '2*width' }] },
    '/measures/1/derived',
    '“width” is no measure that is read here. There is: height.',
  ),
  plan(
    'a formula in another unit',
    { measures: [height, { ...double, unit: 'g' }] },
    '/measures/1/derived',
    '“Double” comes out in cm, not in g. Set its unit to cm.',
  ),
  plan('an end before the start', { endedOn: '2026-03-01' }, '/endedOn', 'The end, 1 Mar 2026, is before the start on 1 Apr 2026.'),
  plan('an end to come', { endedOn: '2099-01-01' }, '/endedOn', toCome),
  plan(
    'a loss to come',
    { units: [{ ...itemAt(units, 0), status: 'lost', lostOn: '2099-01-01' }, ...units.slice(1)] },
    '/units/0/lostOn',
    toCome,
  ),
  plan(
    'at least more than at most',
    { plan: { ...experiment.plan, controlLimits: [limit] } },
    '/plan/controlLimits/0/most',
    'At least 80 and at most 60 cannot both be. Put one of them right.',
  ),
  plan(
    'a step longer than it may be',
    { plan: { ...experiment.plan, stages: [stage] } },
    '/plan/stages/0/hoursMost',
    '“Soak” takes 12 h and may take 6 h at most. Put one of them right.',
  ),
  plan('made some time', { created: 'spring' }, '/created', '“spring” is no date or date-time, like 2026-04-14T09:30:00Z.'),
  plan(
    'a key opened that was never sealed',
    { plan: { ...experiment.plan, seal: { ...experiment.plan.seal, openedOn: '2026-04-10' } } },
    '/plan/seal/openedOn',
    'A key that was never sealed cannot have been opened.',
  ),
];

export const brokenThings: readonly Broken[] = [...readings, ...entries, ...plans];

/** The study with what breaks it. */
export function withBroken({ study, thing }: Broken): Study {
  if ('experiment' in thing) return { ...study, experiment: thing.experiment };
  if ('reading' in thing) return { ...study, observations: [...study.observations, thing.reading] };
  if ('incident' in thing) return { ...study, incidents: [thing.incident] };
  if ('care' in thing) return { ...study, care: [thing.care] };
  return { ...study, photos: [thing.photo] };
}
