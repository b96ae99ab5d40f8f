import type { Arm, Comparison, Layout, Measure, MeasureKind, Observation, Study, Unit, When } from '@fern/core';
import { addDays } from '../../core/src/model';
import { random, type Random } from '../../core/src/stats/random';
import { aMeasure, anArm, anExperiment, anObservation, aUnit } from '../../core/src/testing';

/** What goes wrong in real packages, one or two of them in each. */
const commonMistakes = [
  'whole',
  'unbalanced',
  'missing',
  'ties',
  'zeros',
  'single',
  'containers',
  'lost',
  'plants',
  'corrected',
  'spreads',
  'alike',
] as const;
type Trouble = (typeof commonMistakes)[number];
const kinds: readonly (readonly [MeasureKind, 'sown' | null, When])[] = [
  ['amount', null, 'final'],
  ['count', 'sown', 'final'],
  ['rating', null, 'final'],
  ['event', null, 'final'],
  ['harvest', null, 'total'],
  ['amount', null, 'area'],
  ['count', null, 'day 8'],
];
const designs = ['two', 'two', 'three', 'four', 'all pairs', 'doses', 'factors'] as const;
const layouts: readonly Layout[] = ['completely-random', 'completely-random', 'blocks', 'pairs'];
const days = [4, 8, 12];
const start = '2026-04-01';

/**
 * Packages of all kinds, designs and layouts with the commonMistakes that real ones have; the same ones every time.
 * @param count how many
 * @returns a study each, named after what is in it
 */
export function packages(count: number): { readonly name: string; readonly study: Study }[] {
  return Array.from({ length: count }, (_, i) => {
    const source = random(i + 1);
    const kind = kinds[i % kinds.length];
    const design = designs[Math.floor(i / kinds.length) % designs.length];
    const wanted = layouts[source.int(0, layouts.length - 1)];
    const layout = wanted === 'pairs' && design !== 'two' ? 'blocks' : wanted;
    const trouble = commonMistakes[i % commonMistakes.length];
    const name = [String(i + 1).padStart(3, '0'), kind[0], design, layout, trouble].join(' ').replaceAll(' ', '-');
    return { name, study: studyWith(name, source, { kind, design, layout, trouble }) };
  });
}

interface Shape {
  readonly kind: (typeof kinds)[number];
  readonly design: (typeof designs)[number];
  readonly layout: Layout;
  readonly trouble: Trouble;
}

function armsOf(design: Shape['design']): Arm[] {
  const codes = (n: number) => ['C', ...'ABDE'.slice(0, n - 1)];
  if (design === 'two') return codes(2).map((code) => anArm(code));
  if (design === 'three' || design === 'all pairs') return codes(3).map((code) => anArm(code));
  if (design === 'four') return codes(4).map((code) => anArm(code));
  if (design === 'doses') return codes(4).map((code, i) => anArm(code, { dose: [0, 2, 5, 10][i], doseUnit: 'g' }));
  const cells = ['none', 'deep'].flatMap((mulch) => ['clay', 'felt'].map((pot) => ({ mulch, pot })));
  return cells.map((factors, i) => anArm(codes(4)[i], { factors }));
}

function studyWith(name: string, source: Random, { kind: [kind, sown, when], design, layout, trouble }: Shape): Study {
  const arms = armsOf(design);
  const blocks = layout === 'pairs' ? 8 : 4;
  const size = trouble === 'single' ? 1 : layout === 'pairs' ? 8 : layout === 'blocks' ? blocks * source.int(1, 2) : source.int(3, 7);
  const perContainer = trouble === 'containers' && layout === 'completely-random' ? 2 : 1;
  const units = arms.flatMap(({ code: arm }, at) => {
    const own = trouble === 'unbalanced' ? Math.max(2, size - at * 2) : size;
    return Array.from({ length: own * perContainer }, (_, i): Unit =>
      aUnit(`${arm}${i + 1}`, arm, {
        block: layout === 'completely-random' ? null : `b${(i % blocks) + 1}`,
        container: perContainer > 1 ? `tank ${arm}.${Math.floor(i / perContainer) + 1}` : null,
        sown: sown ? 12 + source.int(0, 2) * 4 : null,
        status: trouble === 'lost' && i === own - 1 ? (at === 0 ? 'excluded' : 'lost') : 'active',
      }),
    );
  });
  const measure = aMeasure({
    code: 'm',
    name: 'Measured',
    kind,
    when,
    unit: kind === 'amount' || kind === 'harvest' ? 'g' : kind === 'event' ? 'd' : '',
    readingDays: days,
    rubric: kind === 'rating' ? Array.from({ length: 6 }, (_, value) => ({ value, words: `step ${value}` })) : [],
    higherIs: source.share() < 0.2 ? 'neither' : 'better',
    expected: (['more', 'less', 'different', null] as const)[source.int(0, 3)],
    smallestDifference: source.share() < 0.7 ? (sown ? 20 : 2) : null,
  });
  const experiment = anExperiment({
    name,
    title: name.replaceAll('-', ' '),
    startedOn: start,
    endedOn: addDays(start, 12),
    comparison: (design === 'all pairs' ? 'all-pairs' : 'control') satisfies Comparison,
    layout,
    arms,
    units,
    measures: [measure],
  });
  return { experiment, observations: readingsOf(source, measure, arms, units, trouble), incidents: [], care: [], photos: [] };
}

function readingsOf(source: Random, measure: Measure, arms: readonly Arm[], units: readonly Unit[], trouble: Trouble): Observation[] {
  const effects = arms.map((_, i) => (i === 0 || trouble === 'alike' ? 0 : source.normal(1.5, 1.5)));
  const blocks = new Map(units.map(({ block }) => [block, source.normal(0, 1)]));
  return units.flatMap((unit) => {
    const at = arms.findIndex(({ code: arm }) => arm === unit.arm);
    const spread = trouble === 'spreads' && at === 1 ? 4 : 1.2;
    const level = trouble === 'alike' && at > 0 ? 12 : 10 + effects[at] + (blocks.get(unit.block) ?? 0) + source.normal(0, spread);
    const read = trouble === 'missing' && source.share() < 0.2 ? days.slice(0, source.int(0, 2)) : days;
    const plants = trouble === 'plants' && measure.kind !== 'event' ? ['1', '2'] : [null];
    const seen = valuesAt(source, measure, unit, trouble === 'zeros' && source.share() < 0.4 ? 0 : level, read, trouble);
    return read.flatMap((day, i) => plants.flatMap((plant) => logged(source, measure, unit, { day, plant, value: seen[i] }, trouble)));
  });
}

/** What a unit of this level shows on the days on which it is read. */
function valuesAt(source: Random, measure: Measure, unit: Unit, level: number, read: readonly number[], trouble: Trouble): number[] {
  const grown = (day: number) => Math.max(0, (level * day) / 12);
  if (measure.kind === 'event') {
    const happens = Math.max(1, level + source.normal(-2, 2));
    return read.map((day) => (day >= happens ? 1 : 0));
  }
  if (measure.kind === 'rating') return read.map((day) => Math.min(5, Math.max(0, Math.round(grown(day) / 4))));
  if (measure.kind === 'count') {
    const chance = Math.min(0.98, Math.max(0, (level - 4) / 12));
    const among = unit.sown ?? 30;
    const came = Array.from({ length: among }, () => (source.share() < chance ? source.share() * 12 : Infinity));
    return read.map((day) => came.filter((time) => time <= day).length);
  }
  const decimals = trouble === 'ties' ? 0 : 1;
  return read.map((day) => Number(grown(day).toFixed(decimals)));
}

function logged(
  source: Random,
  measure: Measure,
  unit: Unit,
  { day, plant, value }: { readonly day: number; readonly plant: string | null; readonly value: number },
  trouble: Trouble,
): Observation[] {
  const own = plant === '2' && measure.kind !== 'count' && measure.kind !== 'rating' ? value + 0.5 : value;
  const right = anObservation(unit.code, own, {
    id: `${unit.code}-${day}-${plant ?? ''}`,
    measure: measure.code,
    plant,
    observedOn: addDays(start, day),
    plannedDay: day,
  });
  if (trouble !== 'corrected' || source.share() > 0.2) return [right];
  const wrong = { ...right, id: `${right.id}-wrong`, value: measure.kind === 'event' ? 1 - own : own + 3 };
  return [wrong, { ...right, replaces: wrong.id }];
}
