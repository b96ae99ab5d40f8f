import { longDate, momentWords, shortDate, type Amendment, type Experiment, type Plan } from '../model';
import { inList } from '../quantities/inList';
import { plural } from '../quantities/plural';
import { placesInWords } from '../plan/movedByHand';
import { benchFor, shelfRows, walkOrder } from '../study/bench/shelves';
import { lengthWords } from '../study/lengthWords';
import { comesBefore, goesThrough } from '../study/schedule/schedule';
import { stepMoments } from '../study/steps';
import type { Block } from './Block';
import { capital, heading, list, paragraph } from './makers';

const standing: Readonly<Record<Plan['place'], string>> = {
  bench: 'They stood on a bench.',
  sill: 'They stood on a sill.',
  bed: 'They stood in a bed.',
  ground: 'They stood in the ground.',
  'water culture': 'They stood in water.',
  refrigerator: 'They stood in a refrigerator.',
};

/**
 * How it was done: the kit, how many units there were and where they stood, the steps with their days, and what was changed after the start.
 * @param experiment a plan
 * @returns blocks for any renderer
 */
export function method(experiment: Experiment): Block[] {
  const { plan, units, arms } = experiment;
  const written = (lines: readonly string[]) => lines.filter((line) => line.trim() !== '');
  const [materials, cautions, steps] = [written(plan.materials), written(plan.cautions), written(plan.steps)];
  const each = arms.map((arm) => `${arm.name} ${units.filter((unit) => unit.arm === arm.arm).length}`).join(', ');
  const started = experiment.startedOn === null ? '' : ` The start was ${longDate(experiment.startedOn)}.`;
  return [
    ...(materials.length > 0 ? [heading('Materials'), list(materials)] : []),
    heading('Method'),
    ...cautions.map((text): Block => ({ kind: 'caution', text })),
    paragraph(
      `There were ${units.length} ${plural(plan.unitWord)}: ${each}.${sownInWords(experiment)} ${standing[plan.place]}${sharedInWords(experiment)}${started} ${placesInWords(experiment)}`,
    ),
    ...(steps.length > 0 ? [list(steps, true)] : []),
    ...stages(experiment),
    ...blindWords(experiment),
    ...(plan.endRule === '' ? [] : [paragraph(`It ended: ${plan.endRule}`)]),
    ...layout(experiment),
    ...(plan.amendments.length > 0 ? [heading('Changed after the start', 3), list(plan.amendments.map(amendment))] : []),
  ];
}

function sownInWords({ units, plan }: Experiment): string {
  const counts = new Map<number, number>();
  for (const { sown } of units) if (sown !== null) counts.set(sown, (counts.get(sown) ?? 0) + 1);
  const [first] = counts.keys();
  if (counts.size === 0) return '';
  if (counts.size === 1) return ` Each had ${first} ${plan.putIn} put in.`;
  const each = [...counts].sort(([a], [b]) => b - a).map(([sown, times]) => `${sown} in ${times} of them`);
  return ` Not all had as many ${plan.putIn} put in: ${inList(each)}.`;
}

function sharedInWords({ units, arms }: Experiment): string {
  const names = [...new Set(units.map(({ container }) => container))];
  if (names.every((name) => name === null)) return '';
  if (names.length === 1) return ` All shared one: ${names[0]}.`;
  const of = arms.map(({ arm, name }) => {
    const own = new Set(units.filter((unit) => unit.arm === arm).flatMap(({ container }) => container ?? []));
    return own.size === 0 ? '' : `${name} in ${inList([...own])}`;
  });
  return ` They shared what they stood in or under: ${of.filter((part) => part !== '').join('; ')}.`;
}

/** What was done to them, and when: the days of the plan, or the moments to which it was worked back from the sowing. */
function stages(experiment: Experiment): Block[] {
  const { plan, arms } = experiment;
  if (plan.stages.length === 0) return [];
  const nameOf = (code: string) => arms.find(({ arm }) => arm === code)?.name ?? code;
  const moments = stepMoments(experiment, [], experiment.startedOn ?? '');
  const told = plan.stages.map((stage) => {
    const { name, arms: through, hours, hoursMost, days } = stage;
    const before = moments.filter((step) => step.name === name && comesBefore(stage) && step.arms.some((arm) => goesThrough(stage, arm)));
    const from = [...new Set(before.map(({ on, at }) => `${shortDate(on)}, ${at}`))];
    const when = days.length > 0 ? `, on day ${inList(days.map(momentWords))}` : from.length > 0 ? `, from ${inList(from)}` : '';
    const whom = through.length === 0 || through.length === arms.length ? 'all arms' : inList(through.map(nameOf));
    return `${capital(name)}${hours === null ? '' : ` for ${lengthWords(hours, hoursMost)}`}${when}: ${whom}.`;
  });
  return [heading('What was done to them', 3), list(told)];
}

/** Whether it was read blind, and since when no more. */
function blindWords({ blinded, plan: { seal } }: Experiment): Block[] {
  if (!blinded) return [];
  const opened = seal.openedOn === null ? '' : `, and opened on ${longDate(seal.openedOn)} by ${seal.openedBy} (${seal.reason})`;
  const key = seal.sealedOn === null ? '' : ` The key to the codes was sealed on ${longDate(seal.sealedOn)}${opened}.`;
  return [paragraph(`Whoever read did not know the arms.${key}`)];
}

function amendment({ on, what, reason, changes }: Amendment): string {
  const listed = changes.map(({ what: field, before, after }) => `${field} from “${before}” to “${after}”`).join('; ');
  return `${on}: ${what} (${reason})${listed === '' ? '' : `: ${listed}`}`;
}

function layout({ plan, units }: Experiment): Block[] {
  const placed = walkOrder(units).filter((unit) => unit.row !== null && unit.column !== null);
  if (placed.length === 0) return [];
  const bench = benchFor(plan.bench, placed);
  const rows = shelfRows(bench).flatMap(({ first, last }) => Array.from({ length: last - first + 1 }, (_, i) => first + i));
  return [
    {
      kind: 'bench',
      caption: `The layout: where each ${plan.unitWord} stood, seen from above.`,
      rows: rows.map((row) => placed.filter((unit) => unit.row === row).map((unit) => `${unit.unit} ${unit.arm}`)),
    },
  ];
}
