import { writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import {
  analyse,
  calendarOf,
  csvOf,
  describeProblem,
  plainSummary,
  readingsTable,
  reportLengths,
  type Problem,
  type ReportLength,
  type Study,
  itemAt,
  entryOf,
  toldResult,
} from '@fern/core';
import { isOfPackage, openPackage } from './openPackage';
import { reportEndings } from './reportEndings';

const HOW = `How to use it:
  npm run -s fern -- analyse PACKAGE            a readable summary
  npm run -s fern -- analyse PACKAGE --json     the whole result as JSON
  npm run -s fern -- analyse PACKAGE… --jsonl   many packages, a result a line
  npm run -s fern -- check PACKAGE              every problem of the package
  npm run -s fern -- report PACKAGE -o FILE     the lab report; FILE ends in .docx, .pdf, .html or .md
                                                --length page|school|full, --paper A4|Letter
  npm run -s fern -- readings PACKAGE -o FILE   the readings; FILE ends in .xlsx, or in .csv with its codebook in another file
  npm run -s fern -- script PACKAGE -o FILE     a script for R that recalculates the figures; FILE ends in .R
  npm run -s fern -- kit PACKAGE [--json]       what to get and to weigh
  npm run -s fern -- calendar PACKAGE -o FILE   steps and readings as an .ics file
PACKAGE is a folder that holds datapackage.json, that file itself, or a .zip.`;

type Say = (text: string) => void;

const options = {
  json: { type: 'boolean' },
  jsonl: { type: 'boolean' },
  output: { type: 'string', short: 'o' },
  length: { type: 'string' },
  paper: { type: 'string' },
} as const;
type Option = keyof typeof options;

/** What each command takes, and how the file ends that it writes. */
const commands: Readonly<Record<string, { readonly takes: readonly Option[]; readonly ends?: readonly string[] }>> = {
  check: { takes: [] },
  analyse: { takes: ['json', 'jsonl'] },
  kit: { takes: ['json'] },
  calendar: { takes: ['output'], ends: ['.ics'] },
  report: { takes: ['output', 'length', 'paper'], ends: reportEndings },
  readings: { takes: ['output'], ends: ['.xlsx', '.csv'] },
  script: { takes: ['output'], ends: ['.R'] },
};

/** What was asked for, once it is known to make sense. */
interface Asked {
  readonly command: string;
  readonly paths: readonly string[];
  readonly json: boolean;
  readonly many: boolean;
  readonly file: string;
  readonly length: ReportLength | undefined;
  readonly paper: 'A4' | 'Letter';
}

/**
 * Runs the command line. What writes files is loaded where one is written: it would take longer than an analysis.
 * @param from where the person stands, from which paths are meant
 * @returns the exit code: 0 fine, 1 problems found by check, 2 something could not be done
 */
export async function fern(args: readonly string[], out: Say, err: Say, from = ''): Promise<number> {
  const asked = understood(args, from);
  if (asked === null) {
    err(`${HOW}\n`);
    return 2;
  }
  const { command, paths, file } = asked;
  if (asked.many) return analyseMany(paths, out);
  const path = itemAt(paths, 0);
  if (command === 'check') return check(path, out);
  const read = openPackage(path);
  if ('problems' in read) {
    err(lines(read.problems));
    return 2;
  }
  if (file !== '') return writing(asked, read.study, read.picture, out, err);
  out(command === 'kit' ? (await import('./kitText')).kitText(read.study, asked.json) : resultText(read.study, asked.json));
  return 0;
}

/** Null where it makes no sense. */
function understood([command = '', ...rest]: readonly string[], from: string): Asked | null {
  if (!Object.hasOwn(commands, command)) return null;
  const { takes, ends } = entryOf(commands, command);
  const { values, positionals } = parsed(rest) ?? { values: {}, positionals: [] };
  const { output = '', length, paper = 'A4', json = false, jsonl = false } = values;
  const known = (Object.keys(values) as Option[]).every((name) => takes.includes(name));
  const lengths = reportLengths.map((own) => own.length);
  const isLength = length === undefined || (lengths as readonly string[]).includes(length);
  const papers = { a4: 'A4', letter: 'Letter' } as const;
  const size = papers[paper.toLowerCase() as keyof typeof papers];
  const fits = (ends === undefined) === (output === '') && (positionals.length === 1 || (positionals.length > 1 && jsonl));
  if (!known || !isLength || size === undefined || !fits) return null;
  const at = (path: string) => (path === '' ? '' : resolve(from, path));
  return {
    command,
    paths: positionals.map(at),
    json,
    many: jsonl,
    file: at(output),
    length: length as ReportLength | undefined,
    paper: size,
  };
}

function parsed(args: readonly string[]) {
  try {
    return parseArgs({ args: [...args], options, allowPositionals: true });
  } catch {
    return null;
  }
}

const lines = (problems: readonly Problem[]) => `${problems.map(describeProblem).join('\n')}\n`;

function check(path: string, out: Say): number {
  const read = openPackage(path);
  const problems = 'problems' in read ? read.problems : read.missing;
  const asked = 'asked' in read ? read.asked : [];
  out(problems.length > 0 ? lines(problems) : 'No problems found.\n');
  if (asked.length > 0) out(`Worth a second look:\n${lines(asked)}`);
  return problems.length > 0 ? 1 : 0;
}

function resultText(study: Study, json: boolean): string {
  const result = analyse(study);
  return json ? `${JSON.stringify(toldResult(result), null, 2)}\n` : plainSummary(study, result);
}

/** Writes the file that was asked for, or says at which place it could not. */
async function writing(asked: Asked, study: Study, photo: (file: string) => Uint8Array | null, out: Say, err: Say): Promise<number> {
  const { command, file, length, paper } = asked;
  const ends = entryOf(commands, command).ends ?? [];
  const fail = (words: string) => {
    err(`${words}\n`);
    return 2;
  };
  if (!ends.some((end) => file.endsWith(end))) return fail(`${file}: expected a name that ends in ${ends.join(' or ')}`);
  if (command === 'calendar' && study.experiment.startedOn === null)
    return fail('datapackage.json: fern.startedOn: there is no day 0 yet, so no step has a day');
  const written = command === 'readings' ? readingsFiles(file) : [file];
  const own = written.find((path) => isOfPackage(itemAt(asked.paths, 0), path));
  if (own !== undefined) return fail(`${own} is part of the package that is read. Nothing was written: name a file elsewhere.`);
  try {
    if (command === 'calendar') writeFileSync(file, calendarOf(study.experiment, new Date().toISOString()));
    else if (command === 'readings') await writeReadings(study, file, written[1]);
    else if (command === 'script') writeFileSync(file, (await import('@fern/paper/r')).rScript);
    else await (await import('./reportFile')).writeReport(study, file, { length, paper, photo });
  } catch (error) {
    return fail(`${file}: cannot be written: ${error instanceof Error ? error.message : 'unknown'}`);
  }
  out(`${written.join('\n')}\n`);
  return 0;
}

/** A workbook holds its codebook; beside a table it is a file of its own. */
const readingsFiles = (file: string): readonly string[] =>
  file.endsWith('.csv') ? [file, file.replace(/\.csv$/, '-codebook.csv')] : [file];

async function writeReadings(study: Study, file: string, codebook: string | undefined): Promise<void> {
  const table = readingsTable(study);
  if (codebook === undefined) {
    const { sheetsFile } = await import('@fern/paper/files');
    return writeFileSync(file, await sheetsFile(table, study.experiment.title));
  }
  writeFileSync(file, csvOf(table));
  writeFileSync(codebook, csvOf(table.codebook));
}

/** A line a package, as soon as it is worked out; one that cannot be read has its problems on its line, and the others go on. */
function analyseMany(paths: readonly string[], out: Say): number {
  let bad = 0;
  for (const path of paths) {
    const read = openPackage(path);
    if ('problems' in read) bad++;
    const said = 'problems' in read ? { problems: read.problems.map(describeProblem) } : toldResult(analyse(read.study));
    out(`${JSON.stringify({ package: path, ...said })}\n`);
  }
  return bad > 0 ? 2 : 0;
}
