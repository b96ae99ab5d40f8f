import type { Experiment, Field } from '../model';
import { experimentFields } from '../model/experiment';
import { planFields } from '../model/plan';
import { expected, fits, readRecord } from '../model/readRecord';
import { writingFields } from '../model/writing';
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
  const own = <Value>(name: string, field: Field<Value>): Value => {
    const value = fern[name];
    if (value === undefined || value === null) return field.blank;
    if (fits(field.shape, value)) return value as Value;
    add(`fern.${name}`, `${JSON.stringify(value).slice(0, 60)} is not ${expected(field)}`);
    return field.blank;
  };

  const title = text(whole, 'title', 'title', text(whole, 'name', 'name', ''));
  const experiment: Descriptor = {
    name: text(whole, 'name', 'name', 'experiment'),
    title,
    created: text(whole, 'created', 'created', ''),
    question: text(fern, 'question', 'fern.question', ''),
    claim: own('claim', experimentFields.claim),
    hypothesis: text(fern, 'hypothesis', 'fern.hypothesis', ''),
    nullHypothesis: text(fern, 'nullHypothesis', 'fern.nullHypothesis', ''),
    claimedRatio: own('claimedRatio', experimentFields.claimedRatio),
    asked: readRecord({ asked: experimentFields.asked }, fern).asked,
    startedOn: own('startedOn', experimentFields.startedOn),
    endedOn: own('endedOn', experimentFields.endedOn),
    comparison: own('comparison', experimentFields.comparison),
    layout: own('layout', experimentFields.layout),
    blinded: own('blinded', experimentFields.blinded),
    plan: readRecord(planFields, fern.plan),
    writing: readRecord(writingFields, fern.writing),
  };
  return { experiment, paths: resourcePaths(whole.resources, add), problems };
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
    } else if (resource.name in tables) {
      paths[resource.name] = resource.path;
    }
  });
  return paths;
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
