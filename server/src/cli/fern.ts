import { analyse, describeProblem, plainSummary, type Problem } from '@fern/core';
import { openPackage } from './openPackage';

const HOW = `How to use it:
  npm run -s fern -- analyse PACKAGE            a readable summary
  npm run -s fern -- analyse PACKAGE --json     the whole result as JSON
  npm run -s fern -- analyse PACKAGE… --jsonl   many packages, a result a line
  npm run -s fern -- check PACKAGE              every problem of the package
PACKAGE is a folder that holds datapackage.json, that file itself, or a .zip.`;

type Say = (text: string) => void;

/** Runs the command line; returns the exit code: 0 fine, 1 problems found by check, 2 something could not be done. */
export function fern(args: readonly string[], out: Say, err: Say): number {
  const [command, ...rest] = args;
  const paths = rest.filter((arg) => !arg.startsWith('--'));
  const [flag, ...others] = rest.filter((arg) => arg.startsWith('--'));
  const isMany = command === 'analyse' && flag === '--jsonl';
  const known = command === 'check' ? flag === undefined : command === 'analyse' && [undefined, '--json', '--jsonl'].includes(flag);
  if (!known || others.length > 0 || paths.length === 0 || (paths.length > 1 && !isMany)) {
    err(`${HOW}\n`);
    return 2;
  }
  if (isMany) return analyseMany(paths, out);
  const [path] = paths;
  return command === 'check' ? check(path, out) : analyseOne(path, flag === '--json', out, err);
}

const lines = (problems: readonly Problem[]) => `${problems.map(describeProblem).join('\n')}\n`;

function check(path: string, out: Say): number {
  const read = openPackage(path);
  const problems = 'problems' in read ? read.problems : read.missing;
  out(problems.length > 0 ? lines(problems) : 'No problems found.\n');
  return problems.length > 0 ? 1 : 0;
}

function analyseOne(path: string, json: boolean, out: Say, err: Say): number {
  const read = openPackage(path);
  if ('problems' in read) {
    err(lines(read.problems));
    return 2;
  }
  const result = analyse(read.study);
  out(json ? `${JSON.stringify(result, null, 2)}\n` : plainSummary(read.study, result));
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
