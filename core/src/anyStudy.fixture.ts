import { itemAt } from './invariant';
import fc from 'fast-check';
import {
  hazardCodes,
  byCode,
  emptyPlan,
  type Arm,
  type Asked,
  type Care,
  type Experiment,
  type Incident,
  type Layout,
  type Measure,
  type MeasureKind,
  type Observation,
  type Photo,
  type Study,
  type Unit,
  type When,
} from './model';

const text = fc.string({ maxLength: 12 }).map((s) => s.replaceAll(/[\0\r]/g, ' '));
const words = text.filter((s) => s.trim() !== '');
/** Free text as a CSV cell gives it back: an empty cell is no text. */
const maybe = fc.option(words, { nil: null });
const date = fc.integer({ min: 0, max: 60 }).map((days) => new Date(Date.UTC(2026, 3, 1 + days)).toISOString().slice(0, 10));
const value = fc
  .oneof(fc.integer({ min: 0, max: 30 }), fc.double({ min: 0, max: 1e12, noNaN: true }), fc.constantFrom(0, 1e-12, 1e12, 3, 3, 3))
  .map((n) => (n === 0 ? 0 : n));
const kinds: readonly MeasureKind[] = ['count', 'amount', 'rating', 'event', 'harvest'];

function codes(prefix: string, count: number): string[] {
  return Array.from({ length: count }, (_, i) => `${prefix}${i + 1}`);
}

/** Readings of kinds that take only some numbers. */
const valuesOf: Partial<Record<MeasureKind, fc.Arbitrary<number>>> = {
  count: fc.integer({ min: 0, max: 30 }),
  event: fc.constantFrom(0, 1),
  rating: fc.integer({ min: 0, max: 5 }),
};

interface Shape {
  readonly arms: number;
  readonly units: number;
  readonly kinds: readonly MeasureKind[];
  readonly factors: boolean;
  readonly layout: Layout;
}

const shape: fc.Arbitrary<Shape> = fc.record({
  arms: fc.integer({ min: 1, max: 4 }),
  units: fc.integer({ min: 0, max: 14 }),
  kinds: fc.array(fc.constantFrom(...kinds), { minLength: 1, maxLength: 3 }),
  factors: fc.boolean(),
  layout: fc.constantFrom<Layout>('completely-random', 'blocks', 'pairs'),
});

/** Any study that a package can hold, the odd and the empty among them: one unit, lost units, ties, huge and tiny values, missing readings. */
export function anyStudy(): fc.Arbitrary<Study> {
  return shape.chain(({ arms, units, kinds: measureKinds, factors, layout }) => {
    const armCodes = ['C', ...codes('T', arms - 1)];
    const unitCodes = codes('u', units);
    const measureCodes = codes('m', measureKinds.length);
    const arm = (code: string, i: number): fc.Arbitrary<Arm> =>
      fc.record({
        code: fc.constant(code),
        name: words,
        role: i === 0 ? fc.constant('control' as const) : fc.constantFrom('treatment' as const, 'treatment' as const, 'reference' as const),
        dose: fc.option(fc.integer({ min: 0, max: 100 }), { nil: null }),
        doseUnit: maybe,
        phrase: fc.oneof(fc.constant(''), words),
        hazards: fc.subarray([...hazardCodes], { maxLength: 3 }),
        badge: fc.constantFrom('', 'Z', '½'),
        factors: factors ? fc.record({ mulch: fc.constantFrom('none', 'deep'), pot: fc.constantFrom('clay', 'felt') }) : fc.constant({}),
      });
    const unit = (code: string): fc.Arbitrary<Unit> =>
      fc.record({
        code: fc.constant(code),
        arm: fc.constantFrom(...armCodes),
        block: fc.option(fc.constantFrom('a', 'b', 'c'), { nil: null }),
        container: maybe,
        row: fc.option(fc.integer({ min: 1, max: 3 }), { nil: null }),
        column: fc.option(fc.integer({ min: 1, max: 9 }), { nil: null }),
        sown: fc.option(fc.integer({ min: 0, max: 25 }), { nil: null }),
        lot: maybe,
        startedOn: fc.option(date, { nil: null }),
        status: fc.constantFrom('active' as const, 'active' as const, 'lost' as const, 'excluded' as const, 'ended' as const),
        statusReason: maybe,
        lostOn: fc.option(date, { nil: null }),
        group: maybe,
      });
    const measure = (code: string, i: number): fc.Arbitrary<Measure> =>
      fc.record({
        code: fc.constant(code),
        name: words,
        kind: fc.constant(itemAt(measureKinds, i)),
        unit: fc.constantFrom('', 'cm', 'g'),
        derived: fc.constant(null),
        category: fc.constant(null),
        categories: fc.constantFrom<readonly string[]>([], ['normal', 'not-yet']),
        by: fc.constantFrom('unit' as const, 'plant' as const, 'container' as const),
        none: fc.constantFrom('', 'no flower yet'),
        higherIs: fc.constantFrom('better' as const, 'worse' as const, 'neither' as const),
        expected: fc.constantFrom(null, 'more' as const, 'less' as const, 'different' as const, 'alike' as const),
        primary: fc.constant(i === 0),
        smallestDifference: fc.option(fc.double({ min: 0, max: 50, noNaN: true }), { nil: null }),
        when: fc.constantFrom<When>('final', 'total', 'area', 'day 3', 'day 20'),
        rubric: fc.constantFrom(
          [],
          [
            { value: 0, words: 'flat' },
            { value: 1, words: 'edges turn' },
          ],
        ),
        readingDays: fc.constantFrom([], [3], [3, 7, 20]),
      });
    const observation = (i: number): fc.Arbitrary<Observation> =>
      fc
        .constantFrom(...measureCodes.map((code, k) => [code, itemAt(measureKinds, k)] as const))
        .chain(([code, kind]) =>
          fc.record({
            id: fc.constant(`o${i}`),
            unit: fc.constantFrom(...unitCodes),
            plant: fc.option(fc.constantFrom('1', '2'), { nil: null }),
            measure: fc.constant(code),
            observedOn: date,
            plannedDay: fc.constantFrom(null, 3, 7, 90 / 1440),
            moment: fc.constantFrom(null, '08:30'),
            value: valuesOf[kind] ?? value,
            absent: fc.constantFrom(null, null, null, 'not-read' as const, 'nothing-there' as const),
            category: fc.constant(null),
            observer: maybe,
            blinded: fc.boolean(),
            source: fc.constantFrom('hand' as const, 'photo' as const),
            note: maybe,
            replaces: fc.constant(null),
          }),
        )
        .map((seen) => (seen.absent === null ? seen : { ...seen, value: null }));
    const incident: fc.Arbitrary<Incident> = fc.record({
      id: fc.constant('h1'),
      on: date,
      kind: fc.constantFrom('equipment' as const, 'weather' as const, 'mix-up' as const, 'protocol-change' as const, 'other' as const),
      arms: fc.subarray(armCodes),
      units: fc.subarray(unitCodes),
      note: text.map((s) => (s.trim() === '' ? '' : s)),
      effect: fc.constantFrom('', 'it came up late'),
      replaces: fc.constant(null),
      withdrawn: fc.boolean(),
    });
    const care: fc.Arbitrary<Care> = fc.record({
      id: fc.constant('c1'),
      on: date,
      units: fc.subarray(unitCodes),
      arms: fc.subarray(armCodes),
      kind: fc.constantFrom('water' as const, 'feed' as const),
      amount: fc.option(
        fc.double({ min: 0, max: 1000, noNaN: true }).map((n) => (n === 0 ? 0 : n)),
        { nil: null },
      ),
      amountUnit: fc.constantFrom(null, 'mL', 'g'),
      note: maybe,
      step: fc.constantFrom(null, 'potted'),
      began: fc.constantFrom(null, '2026-04-03T08:15:30Z'),
      ended: fc.constantFrom(null, '2026-04-04T08:20:00Z'),
      replaces: fc.constant(null),
      withdrawn: fc.boolean(),
    });
    const photo: fc.Arbitrary<Photo> = fc.record({
      id: fc.constant('p1'),
      on: date,
      units: fc.subarray(unitCodes),
      arms: fc.subarray(armCodes),
      note: maybe,
      file: fc.constant('p1.jpg'),
      width: fc.integer({ min: 1, max: 1600 }),
      height: fc.integer({ min: 1, max: 1600 }),
      replaces: fc.constant(null),
      withdrawn: fc.boolean(),
    });
    const experiment: fc.Arbitrary<Experiment> = fc.record({
      name: words,
      title: text,
      created: date,
      question: text,
      claim: fc.option(text, { nil: null }),
      hypothesis: text,
      nullHypothesis: text,
      claimedRatio: fc.option(fc.constantFrom(0.5, 2, 5), { nil: null }),
      asked: fc.constantFrom<readonly Asked[]>([], armCodes.length > 1 ? [{ factor: null, group: 'T1', against: 'C' }] : []),
      startedOn: fc.option(fc.constant('2026-04-01'), { nil: null }),
      endedOn: fc.constant(null),
      comparison: fc.constantFrom('control' as const, 'all-pairs' as const),
      layout: fc.constant(layout),
      blinded: fc.boolean(),
      plan: fc.record({ plant: text, unitNoun: words }).map((more) => ({ ...emptyPlan, ...more })),
      writing: fc.record({
        ...{ background: text, discussion: text, conclusion: text, next: text },
        photos: fc.constantFrom([], ['p1.jpg']),
        ...{ names: text, group: text },
        date: fc.option(date, { nil: null }),
        reasons: fc.record({ background: text, discussion: text, conclusion: text, next: text }),
        sources: fc.record({ background: text, discussion: text, conclusion: text, next: text }),
        figures: fc.constantFrom([], [{ part: 'discussion' as const, figure: 'm1.dots' }]),
        length: fc.constantFrom('school' as const, 'page' as const, 'full' as const),
      }),
      arms: fc.tuple(...armCodes.map(arm)),
      units: fc.tuple(...unitCodes.map(unit)),
      measures: fc.tuple(...measureCodes.map(measure)),
    });
    const observations =
      units === 0
        ? fc.constant([])
        : fc.integer({ min: 0, max: 40 }).chain((count) => fc.tuple(...Array.from({ length: count }, (_, i) => observation(i))));
    return fc
      .record({
        experiment,
        observations,
        incidents: fc.array(incident, { maxLength: 1 }),
        care: fc.array(care, { maxLength: 1 }),
        photos: fc.array(photo, { maxLength: 1 }),
      })
      .map((study) => ({ ...study, observations: [...study.observations].map((seen: Observation) => possible(seen, study.experiment)) }));
  });
}

/** The reading, on the scale of its measure and within what was sown. */
function possible(seen: Observation, { measures, units }: Pick<Experiment, 'measures' | 'units'>): Observation {
  const measure = byCode(measures, seen.measure);
  const last = measure?.rubric.at(-1)?.value;
  if (measure?.kind === 'rating' && last !== undefined && seen.value !== null) return { ...seen, value: Math.min(last, seen.value) };
  const category = measure?.categories[(seen.value ?? 0) % 2];
  if (measure?.kind !== 'count' || category === undefined) return seen;
  const sown = byCode(units, seen.unit)?.sown ?? 30;
  return { ...seen, category, value: seen.value === null ? null : Math.min(Math.floor(sown / 2), seen.value) };
}
