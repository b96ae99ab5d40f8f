import type { Experiment, LogMentions } from '@fern/core';
import type { Tables } from '../oneWriter';

/** What an experiment's log speaks of, as far as a change could leave it without: its readings, and entries that name what goes. */
export async function loggedOf({ statements }: Tables, id: string, before: Experiment, after: Experiment): Promise<LogMentions> {
  const read = await statements.all<LogMentions['read'][number]>('SELECT DISTINCT unit, measure FROM observations WHERE experimentId = ?', [
    id,
  ]);
  const named = async (of: 'units' | 'arms') => {
    const left = new Set<string>(after[of].map(({ code }) => code));
    const gone = before[of].flatMap(({ code }) => (left.has(code) ? [] : [code]));
    if (gone.length === 0) return [];
    const rows = await statements.all<{ code: string }>(
      `SELECT value AS code FROM (SELECT ${of} AS codes FROM incidents WHERE experimentId = ?1
       UNION ALL SELECT ${of} FROM care WHERE experimentId = ?1 UNION ALL SELECT ${of} FROM photos WHERE experimentId = ?1), json_each(codes)
       WHERE value IN (SELECT value FROM json_each(?2)) LIMIT 1`,
      [id, JSON.stringify(gone)],
    );
    return rows.map(({ code }) => code);
  };
  return { read, named: { units: await named('units'), arms: await named('arms') } };
}
