import { analyse, describeProblem, plainSummary } from '@fern/core';
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
  if ('problems' in read) {
    const lines = `${read.problems.map(describeProblem).join('\n')}\n`;
    if (command === 'check') out(lines);
    else err(lines);
    return command === 'check' ? 1 : 2;
  }
  if (command === 'check') {
    out('No problems found.\n');
    return 0;
  }
  const result = analyse(read.study);
  out(json ? `${JSON.stringify(result, null, 2)}\n` : plainSummary(read.study, result));
  return 0;
}
