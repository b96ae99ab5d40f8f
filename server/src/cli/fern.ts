import { analyse, describeProblem, plainSummary, type Problem } from '@fern/core';
import { openPackage } from './openPackage';

const HOW = `How to use it:
  npm run -s fern -- analyse PACKAGE            a readable summary
  npm run -s fern -- analyse PACKAGE --json     the whole result as JSON
  npm run -s fern -- check PACKAGE              every problem of the package
PACKAGE is a folder that holds datapackage.json, that file itself, or a .zip.`;

/** Runs the command line; returns the exit code: 0 fine, 1 problems found by check, 2 nothing could be done. */
export function fern(args: readonly string[], out: (text: string) => void, err: (text: string) => void): number {
  const [command, path, ...rest] = args;
  const json = rest.includes('--json');
  if ((command !== 'analyse' && command !== 'check') || path === undefined || rest.some((arg) => arg !== '--json')) {
    err(`${HOW}\n`);
    return 2;
  }
  const read = openPackage(path);
  const lines = (problems: readonly Problem[]) => `${problems.map(describeProblem).join('\n')}\n`;
  if (command === 'check') {
    const problems = 'problems' in read ? read.problems : read.missing;
    out(problems.length > 0 ? lines(problems) : 'No problems found.\n');
    return problems.length > 0 ? 1 : 0;
  }
  if ('problems' in read) {
    err(lines(read.problems));
    return 2;
  }
  const result = analyse(read.study);
  out(json ? `${JSON.stringify(result, null, 2)}\n` : plainSummary(read.study, result));
  return 0;
}
