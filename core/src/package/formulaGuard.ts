/** What a spreadsheet would take for a formula, and what already begins with the guard. */
const RUNS = /^['=+\-@\t\r]/;
const GUARDED = /^'['=+\-@\t\r]/;

/** A text as it stands in a table: an apostrophe before what a spreadsheet would otherwise run. Source: OWASP, CSV Injection. */
export const guarded = (text: string): string => (RUNS.test(text) ? `'${text}` : text);

/** The text that was guarded. */
export const unguarded = (cell: string): string => (GUARDED.test(cell) ? cell.slice(1) : cell);
