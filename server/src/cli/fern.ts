import { writeFileSync } from 'node:fs';
import { analyse, calendarOf, describeProblem, plainSummary, type Problem, type Study } from '@fern/core';
import { kitText } from './kitText';
import { openPackage } from './openPackage';

const HOW = `How to use it:
  npm run -s fern -- analyse PACKAGE            a readable summary
  npm run -s fern -- analyse PACKAGE --json     the whole result as JSON
  npm run -s fern -- analyse PACKAGE… --jsonl   many packages, a result a line
  npm run -s fern -- check PACKAGE              every problem of the package
  npm run -s fern -- kit PACKAGE [--json]       what to get and to weigh
  npm run -s fern -- calendar PACKAGE -o FILE   steps and readings as an .ics file
PACKAGE is a folder that holds datapackage.json, that file itself, or a .zip.`;

type Say = (text: string) => void;

/** What was asked for, once it is known to make sense. */
interface Asked {
  readonly command: keyof typeof commands;
  readonly paths: readonly string[];
  readonly flag: string | undefined;
  readonly file: string | undefined;
}

/** What each command takes: its flags, and whether it writes a file. */
const commands = {
  check: { flags: [], writes: false },
  analyse: { flags: ['--json', '--jsonl'], writes: false },
  kit: { flags: ['--json'], writes: false },
  calendar: { flags: [], writes: true },
} as const satisfies Record<string, { flags: readonly string[]; writes: boolean }>;

/** Runs the command line; returns the exit code: 0 fine, 1 problems found by check, 2 something could not be done. */
export function fern(args: readonly string[], out: Say, err: Say): number {
  const asked = understood(args);
  if (asked === null) {
    err(`${HOW}\n`);
    return 2;
  }
  const { command, paths, flag, file } = asked;
  if (flag === '--jsonl') return analyseMany(paths, out);
  const [path] = paths;
  if (command === 'check') return check(path, out);
  const read = openPackage(path);
  if ('problems' in read) {
    err(lines(read.problems));
    return 2;
  }
  if (command === 'calendar') return writeCalendar(read.study, file ?? '', out, err);
  out(command === 'kit' ? kitText(read.study, flag === '--json') : resultText(read.study, flag === '--json'));
  return 0;
}

/** Null where it makes no sense. */
function understood([command = '', ...rest]: readonly string[]): Asked | null {
  if (!Object.hasOwn(commands, command)) return null;
  const known = command as keyof typeof commands;
  const { flags, writes } = commands[known];
  const at = rest.indexOf('-o');
  const file = at < 0 ? undefined : rest[at + 1];
  const words = at < 0 ? rest : rest.filter((_, i) => i !== at && i !== at + 1);
  const paths = words.filter((word) => !word.startsWith('-'));
  const [flag, ...others] = words.filter((word) => word.startsWith('-'));
  const isKnown = flag === undefined || (flags as readonly string[]).includes(flag);
  const isMany = flag === '--jsonl';
  if (!isKnown || others.length > 0 || paths.length === 0 || (paths.length > 1 && !isMany)) return null;
  return writes === (file !== undefined) && at + 1 < rest.length ? { command: known, paths, flag, file } : null;
}

const lines = (problems: readonly Problem[]) => `${problems.map(describeProblem).join('\n')}\n`;

function check(path: string, out: Say): number {
  const read = openPackage(path);
  const problems = 'problems' in read ? read.problems : read.missing;
  out(problems.length > 0 ? lines(problems) : 'No problems found.\n');
  return problems.length > 0 ? 1 : 0;
}

function resultText(study: Study, json: boolean): string {
  const result = analyse(study);
  return json ? `${JSON.stringify(result, null, 2)}\n` : plainSummary(study, result);
}

function writeCalendar({ experiment }: Study, file: string, out: Say, err: Say): number {
  if (!file.endsWith('.ics')) {
    err(`${file}: expected a name that ends in .ics\n`);
    return 2;
  }
  if (experiment.startedOn === null) {
    err('datapackage.json: fern.startedOn: there is no day 0 yet, so no step has a day\n');
    return 2;
  }
  try {
    writeFileSync(file, calendarOf(experiment, new Date().toISOString()));
  } catch (error) {
    err(`${file}: cannot be written: ${error instanceof Error ? error.message : 'unknown'}\n`);
    return 2;
  }
  out(`${file}\n`);
  return 0;
}

/** A line a package, as soon as it is worked out; one that cannot be read has its problems on its line, and the others go on. */
function analyseMany(paths: readonly string[], out: Say): number {
  let bad = 0;
  for (const path of paths) {
    const read = openPackage(path);
    if ('problems' in read) bad++;
    const said = 'problems' in read ? { problems: read.problems.map(describeProblem) } : analyse(read.study);
    out(`${JSON.stringify({ package: path, ...said })}\n`);
  }
  return bad > 0 ? 2 : 0;
}
