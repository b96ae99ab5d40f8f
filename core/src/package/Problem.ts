/** Something wrong in a package: where (row 1 is the header) and what is expected. */
export interface Problem {
  readonly file: string;
  readonly row: number | null;
  readonly column: string | null;
  readonly message: string;
}

/**
 * One line, `file:row:column: message`, with a dash for what does not apply.
 * @param problem of a package
 * @returns as the command line prints it
 * @example describeProblem({ file: 'units.csv', row: 3, column: 'arm', message: 'there is no arm X' }) // 'units.csv:3:arm: there is no arm X'
 */
export function describeProblem(problem: Problem): string {
  return `${problem.file}:${problem.row ?? '-'}:${problem.column ?? '-'}: ${problem.message}`;
}
