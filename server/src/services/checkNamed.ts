import type { Experiment } from '@fern/core';
import { ProblemError } from '../ProblemError';
import type { Tables } from '../oneWriter';

/**
 * Refuses to take away a unit or an arm that something written down names: care, a mishap, a photo. Its package could not be read again.
 * @throws {ProblemError} 422
 */
export async function checkNamed({ statements }: Tables, id: string, before: Experiment, after: Experiment): Promise<void> {
  const gone = (of: 'units' | 'arms') => {
    const codes = (own: Experiment): string[] =>
      of === 'units' ? own.units.map(({ code: unit }) => unit) : own.arms.map(({ code: arm }) => arm);
    const left = new Set(codes(after));
    return codes(before).filter((code) => !left.has(code));
  };
  for (const of of ['units', 'arms'] as const) {
    const codes = gone(of);
    if (codes.length === 0) continue;
    const [named] = await statements.all<{ code: string }>(
      `SELECT value AS code FROM (SELECT ${of} AS codes FROM incidents WHERE experimentId = ?1
       UNION ALL SELECT ${of} FROM care WHERE experimentId = ?1 UNION ALL SELECT ${of} FROM photos WHERE experimentId = ?1), json_each(codes)
       WHERE value IN (SELECT value FROM json_each(?2)) LIMIT 1`,
      [id, JSON.stringify(codes)],
    );
    if (!named) continue;
    const word = of === 'units' ? 'unit' : 'arm';
    throw new ProblemError(
      422,
      `Something was written down about ${word} ${named.code}, so it cannot be taken away. Mark it as lost or excluded instead.`,
      [{ pointer: `/experiment/${of}`, detail: `Care, a mishap or a photo names ${word} ${named.code}.` }],
    );
  }
}
