import { upperFirst } from 'lodash-es';
import { byCode, longDate, momentWords, shortDate, type Experiment, type Plan, type Study } from '../../model';
import { inList } from '../../quantities/inList';
import { inRow } from '../../quantities/inRow';
import { counted, plural } from '../../quantities/plural';
import { rowsInList } from '../rowsInList';
import { materialsOf } from '../../prepare/kit/materials';
import { placesInWords } from '../plan/placesInWords';
import { benchFor, shelfRows, roundOrder } from '../../study/bench/shelves';
import { lengthWords } from '../../study/lengthWords';
import { stepsTold, type StepTold } from '../../study/stepsTold';
import type { Block } from '../../write/Block';
import { observersSentence } from './happened';
import { headingBlock, listBlock, paragraphBlock, stopped } from '../../write/makers';
import { cautionsOf } from '../cautions';

const standing: Readonly<Record<Plan['place'], string>> = {
  bench: 'They were kept on a bench.',
  sill: 'They were kept on a windowsill.',
  bed: 'They were in a garden bed.',
  ground: 'They were in open ground.',
  'water culture': 'They were kept in water.',
  refrigerator: 'They were kept in a refrigerator.',
};

/**
 * How it was done: the kit, how many units there were and where they stood, the steps with their days, blocks, formulas, who read.
 * @param study with its plan
 * @returns blocks for any renderer
 */
export function method(study: Study): Block[] {
  const { experiment } = study;
  const { plan } = experiment;
  const read = observersSentence(study);
  const written = (lines: readonly string[]) => lines.filter((line) => line.trim() !== '');
  const [materials, cautions, steps] = [materialsOf(experiment), cautionsOf(experiment), written(plan.steps)];
  const started = experiment.startedOn === null ? '' : ` The start was ${longDate(experiment.startedOn)}.`;
  return [
    ...(materials.length > 0 ? [headingBlock('Materials'), listBlock(materials)] : []),
    headingBlock('Method'),
    ...cautions.map((text): Block => ({ kind: 'caution', text })),
    paragraphBlock(
      `${unitsInWords(experiment)}${sownInWords(experiment)} ${standing[plan.place]}${sharedInWords(experiment)}${started} ${placesInWords(experiment)}`,
    ),
    ...(steps.length > 0 ? [listBlock(steps, true)] : []),
    ...stages(study),
    ...blockWords(experiment),
    ...formulas(experiment),
    ...keyWords(experiment),
    ...(read === '' ? [] : [paragraphBlock(read)]),
    ...(plan.endRule === '' ? [] : [paragraphBlock(`Planned end: ${stopped(plan.endRule)}`)]),
    ...layout(experiment),
  ];
}

/** "There were 30 trays, 10 each of plain water, salt and “salt, twice”." */
function unitsInWords(experiment: Experiment): string {
  const { arms, units, plan } = experiment;
  const groups = arms.map(({ code, name }) => ({ name, count: units.filter(({ arm }) => arm === code).length }));
  const [first] = groups;
  const all = `There ${units.length === 1 ? 'was' : 'were'} ${counted(units.length, plan.unitNoun)}`;
  return first && groups.length > 1 && groups.every(({ count }) => count === first.count)
    ? `${all}, ${first.count} each of ${inList(groups.map(({ name }) => inRow(name)))}.`
    : `${all}: ${rowsInList(groups, ({ count }) => String(count))}.`;
}

function sownInWords({ units, plan }: Experiment): string {
  const counts = new Map<number, number>();
  for (const { sown } of units) if (sown !== null) counts.set(sown, (counts.get(sown) ?? 0) + 1);
  const [first] = counts.keys();
  if (counts.size === 0) return '';
  if (counts.size === 1) return ` Each had ${first} ${plan.propagule}.`;
  const each = [...counts].sort(([a], [b]) => b - a).map(([sown, times]) => `${sown} in ${times} of them`);
  return ` Not all had the same number of ${plan.propagule}: ${inList(each)}.`;
}

function sharedInWords({ units, arms }: Experiment): string {
  const names = [...new Set(units.map(({ container }) => container))];
  if (names.every((name) => name === null)) return '';
  if (names.length === 1) return ` All shared one: ${names[0]}.`;
  const of = arms.map(({ code: arm, name }) => {
    const own = new Set(units.filter((unit) => unit.arm === arm).flatMap(({ container }) => container ?? []));
    return own.size === 0 ? '' : `${name} in ${inList([...own])}`;
  });
  return ` They shared what they stood in or under: ${of.filter((part) => part !== '').join('; ')}.`;
}

/** What was done to them, by the log; what the plan says and nobody confirmed is said as such. */
function stages(study: Study): Block[] {
  const { plan, arms } = study.experiment;
  if (plan.stages.length === 0) return [];
  const nameOf = (code: string) => byCode(arms, code)?.name ?? code;
  const told = stepsTold(study).map((step) => {
    const { name, arms: through, hours, hoursMost } = step.stage;
    const whom = through.length === 0 || through.length === arms.length ? 'all groups' : inList(through.map(nameOf));
    return `${upperFirst(name)}${hours === null ? '' : ` for ${lengthWords(hours, hoursMost)}`}${whenTold(step)}: ${whom}.${gapTold(step, plan)}`;
  });
  return [headingBlock(plan.lockedOn === null ? 'Planned steps' : 'Steps', 3), listBlock(told)];
}

/** The days on which it was done, with the plan's where they are others; else the plan's alone. */
function whenTold(step: StepTold): string {
  const { planned, doneOn, unconfirmed } = step;
  const asPlanned = doneOn.length > 0 && doneOn.every((day) => planned.some(({ on }) => on === day));
  const done = doneOn.length > 0 ? `, on ${inList(doneOn.map(shortDate))}` : '';
  const plan = asPlanned ? '' : plannedTold(step);
  return `${done}${plan}${done === '' && plan !== '' && unconfirmed.length > 0 ? ', and not confirmed' : ''}`;
}

function plannedTold({ stage, planned }: StepTold): string {
  if (stage.days.length > 0) return `, planned for day ${inList(stage.days.map(momentWords))}`;
  const from = [...new Set(planned.map(({ on, at }) => `${shortDate(on)}, ${at}`))];
  return from.length === 0 ? '' : `, planned from ${inList(from)}`;
}

/** For whom nobody confirmed what was done to others. */
function gapTold({ doneOn, units, unconfirmed }: StepTold, { unitNoun }: Plan): string {
  if (doneOn.length === 0 || unconfirmed.length === 0) return '';
  return ` For ${unconfirmed.length} of ${units.length} ${plural(unitNoun)} it was not confirmed.`;
}

/** Since when the key was sealed, and opened; who read without knowing the arms is told by the readings. */
function keyWords({ plan: { seal } }: Experiment): Block[] {
  if (seal.sealedOn === null) return [];
  const opened = seal.openedOn === null ? '' : `, and revealed on ${longDate(seal.openedOn)} by ${seal.openedBy} (${seal.reason})`;
  return [paragraphBlock(`The groups were hidden on ${longDate(seal.sealedOn)}${opened}.`)];
}

/** How the arms were dealt over blocks or pairs, and what each of them was. */
function blockWords({ layout: dealt, units, plan }: Experiment): Block[] {
  if (dealt === 'completely-random') return [];
  const names = [...new Set(units.flatMap(({ block }) => block ?? []))];
  if (names.length === 0) return [];
  if (dealt === 'pairs')
    return [
      paragraphBlock(
        `They formed ${counted(names.length, 'pair')}. The groups were assigned at random within each pair and compared within it.`,
      ),
    ];
  const each = names.map((name) => `${name} (${units.filter(({ block }) => block === name).length})`);
  return [
    paragraphBlock(
      `The groups were assigned at random within ${counted(names.length, 'block')} of ${plural(plan.unitNoun)}: ${inList(each)}.`,
    ),
  ];
}

/** What was worked out from other readings, and how. */
function formulas({ measures }: Experiment): Block[] {
  const derived = measures.flatMap(({ name, unit, derived: formula }) =>
    formula === null ? [] : [`${name}${unit === '' ? '' : `, in ${unit}`} = ${formula}`],
  );
  return derived.length === 0 ? [] : [paragraphBlock('Calculated from other readings:'), listBlock(derived)];
}

function layout({ plan, units }: Experiment): Block[] {
  const placed = roundOrder(units).filter((unit) => unit.row !== null && unit.column !== null);
  if (placed.length === 0) return [];
  const bench = benchFor(plan.bench, placed);
  const rows = shelfRows(bench).flatMap(({ first, last }) => Array.from({ length: last - first + 1 }, (_, i) => first + i));
  return [
    {
      kind: 'bench',
      caption: `The layout: where each ${plan.unitNoun} stood, seen from above.`,
      rows: rows.map((row) => placed.filter((unit) => unit.row === row).map((unit) => `${unit.code} ${unit.arm}`)),
    },
  ];
}
