import { emptyPlan, type Experiment, type Plan, type StageKind, type Writing } from '../model';
import { isDate, isMoment } from '../model/dates';
import type { Problem } from './Problem';
import { tables } from './tables';

type Descriptor = Omit<Experiment, 'arms' | 'units' | 'measures'>;

export interface ReadDescriptor {
  readonly experiment: Descriptor | null;
  /** Path of each table's file by resource name. */
  readonly paths: Readonly<Record<string, string>>;
  readonly problems: readonly Problem[];
}

const FILE = 'datapackage.json';
const stageKinds: readonly StageKind[] = ['soak', 'spray', 'open', 'handle', 'heat', 'cold', 'move', 'other'];

/** Reads datapackage.json with its `fern` property; every problem is named by its key. */
export function readDescriptor(json: string | undefined): ReadDescriptor {
  const problems: Problem[] = [];
  const add = (column: string | null, message: string) => problems.push({ file: FILE, row: null, column, message });
  const fail = (message: string): ReadDescriptor => {
    add(null, message);
    return { experiment: null, paths: {}, problems };
  };
  if (json === undefined) return fail('the file is missing; expected a folder or zip that holds it');
  let whole: unknown;
  try {
    whole = JSON.parse(json.replace(/^\uFEFF/, ''));
  } catch {
    return fail('is not JSON; expected a data package descriptor');
  }
  if (!isObject(whole)) return fail('is not a JSON object; expected a data package descriptor');
  if (!isObject(whole.fern)) return fail('has no "fern" object; expected formatVersion, question, hypothesis and nullHypothesis in it');
  const fern = whole.fern;
  if (fern.formatVersion !== 1)
    add('fern.formatVersion', `${JSON.stringify(fern.formatVersion) ?? 'nothing'} is not a version that can be read; expected 1`);

  const text = (from: Record<string, unknown>, key: string, path: string, fallback: string | null): string => {
    const value = from[key];
    if (typeof value === 'string') return value;
    if ((value === undefined || value === null) && fallback !== null) return fallback;
    add(path, `${value === undefined ? 'is missing' : `${JSON.stringify(value)} is not text`}; expected text`);
    return '';
  };
  const optional = <T>(key: string, fits: (value: unknown) => value is T, expected: string): T | null => {
    const value = fern[key];
    if (value === undefined || value === null) return null;
    if (fits(value)) return value;
    add(`fern.${key}`, `${JSON.stringify(value).slice(0, 60)} is not ${expected}`);
    return null;
  };
  const isDay = (value: unknown): value is string => isString(value) && isDate(value);
  const oneOf =
    <T extends string>(...choices: readonly T[]) =>
    (value: unknown): value is T =>
      choices.includes(value as T);

  const created = text(whole, 'created', 'created', '');
  if (created !== '' && !isMoment(created)) add('created', `"${created}" is not a date or date-time`);
  const startedOn = optional('startedOn', isDay, 'a date, like 2026-04-14');
  const endedOn = optional('endedOn', isDay, 'a date, like 2026-04-14');
  if (startedOn !== null && endedOn !== null && endedOn < startedOn) add('fern.endedOn', `${endedOn} is before the start on ${startedOn}`);
  const title = text(whole, 'title', 'title', text(whole, 'name', 'name', ''));
  const experiment: Descriptor = {
    name: text(whole, 'name', 'name', 'experiment'),
    title,
    created,
    question: text(fern, 'question', 'fern.question', ''),
    claim: optional('claim', isString, 'text'),
    hypothesis: text(fern, 'hypothesis', 'fern.hypothesis', ''),
    nullHypothesis: text(fern, 'nullHypothesis', 'fern.nullHypothesis', ''),
    claimedRatio: optional('claimedRatio', (v): v is number => typeof v === 'number' && Number.isFinite(v) && v > 0, 'a number above 0'),
    startedOn,
    endedOn,
    comparison: optional('comparison', oneOf('control', 'all-pairs'), 'control or all-pairs') ?? 'control',
    layout: optional('layout', oneOf('completely-random', 'blocks', 'pairs'), 'completely-random, blocks or pairs') ?? 'completely-random',
    blinded: optional('blinded', (v): v is boolean => typeof v === 'boolean', 'true or false') ?? false,
    plan: readPlan(fern.plan),
    writing: readWriting(fern.writing),
  };
  return { experiment, paths: resourcePaths(whole.resources, add), problems };
}

/** A plan from what may be any JSON; what is missing or of another type is left as in the empty plan. */
function readPlan(value: unknown): Plan {
  const from = isObject(value) ? value : {};
  const objects = (key: string) => listOf(from[key], isObject);
  const texts = (key: string) => listOf(from[key], isString);
  const text = (key: 'plant' | 'changed' | 'unitWord' | 'endRule' | 'thinningRule' | 'decision') => textOr(from[key], emptyPlan[key]);
  const number = (key: string) => numberOr(from[key], null);
  return {
    plant: text('plant'),
    changed: text('changed'),
    unitWord: text('unitWord'),
    kept: objects('kept').map((item) => ({ what: textOr(item.what, ''), how: textOr(item.how, '') })),
    materials: texts('materials'),
    steps: texts('steps'),
    cautions: texts('cautions'),
    endRule: text('endRule'),
    shuffleSeed: number('shuffleSeed'),
    bench: objects('bench').map((shelf) => ({
      name: textOr(shelf.name, ''),
      rows: numberOr(shelf.rows, 1),
      columns: numberOr(shelf.columns, 1),
      light: shelf.light === 'lamp' || shelf.light === 'window' ? shelf.light : 'none',
    })),
    frozenOn: isString(from.frozenOn) && isDate(from.frozenOn) ? from.frozenOn : null,
    amendments: objects('amendments').map((item) => ({
      on: textOr(item.on, ''),
      what: textOr(item.what, ''),
      reason: textOr(item.reason, ''),
    })),
    predictions: objects('predictions').map((item) => ({
      person: textOr(item.person, ''),
      expects: textOr(item.expects, ''),
      reason: textOr(item.reason, ''),
      on: textOr(item.on, ''),
    })),
    stages: objects('stages').map((stage) => ({
      name: textOr(stage.name, ''),
      kind: stageKinds.find((kind) => kind === stage.kind) ?? 'other',
      arms: listOf(stage.arms, isString),
      hours: numberOr(stage.hours, null),
      tested: stage.tested === true,
    })),
    spreadGuess: number('spreadGuess'),
    controlGuess: number('controlGuess'),
    controlBars: objects('controlBars').map((bar) => ({
      measure: textOr(bar.measure, ''),
      least: numberOr(bar.least, null),
      most: numberOr(bar.most, null),
    })),
    expectedSurvival: number('expectedSurvival'),
    plantsKept: number('plantsKept'),
    thinningRule: text('thinningRule'),
    canReach: texts('canReach'),
    barriers: objects('barriers').map((barrier) => ({ row: numberOr(barrier.row, 0), column: numberOr(barrier.column, 0) })),
    usuallyKept: texts('usuallyKept'),
    notTested: texts('notTested'),
    troubles: texts('troubles'),
    decision: text('decision'),
  };
}

function isString(value: unknown): value is string {
  return typeof value === 'string';
}

function textOr(value: unknown, fallback: string): string {
  return isString(value) ? value : fallback;
}

function numberOr<T>(value: unknown, fallback: T): number | T {
  return typeof value === 'number' && Number.isFinite(value) ? value : fallback;
}

function listOf<T>(value: unknown, fits: (item: unknown) => item is T): T[] {
  return Array.isArray(value) ? value.filter(fits) : [];
}

function readWriting(value: unknown): Writing {
  const from = isObject(value) ? value : {};
  const text = (key: string) => textOr(from[key], '');
  return { background: text('background'), discussion: text('discussion'), conclusion: text('conclusion'), next: text('next') };
}

function resourcePaths(resources: unknown, add: (column: string, message: string) => void): Record<string, string> {
  const paths: Record<string, string> = {};
  if (resources === undefined) return paths;
  if (!Array.isArray(resources)) {
    add('resources', 'is not a list; expected one resource a table');
    return paths;
  }
  resources.forEach((resource: unknown, i) => {
    if (!isObject(resource) || typeof resource.name !== 'string' || typeof resource.path !== 'string') {
      add(`resources[${i}]`, 'has no name or path; expected both as text');
    } else if (tables.some((table) => table.name === resource.name)) {
      paths[resource.name] = resource.path;
    }
  });
  return paths;
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
