import { byCode, type Study } from '../model';
import type { Shown } from './picture/parts';
import type { Result } from './Result';

/**
 * The measures of a result that are still in the plan, the one that decides first.
 * @returns each with its study and its result
 */
export function shownMeasures(study: Study, result: Result): Shown[] {
  const ordered = [...result.measures].sort((a, b) => Number(b.primary) - Number(a.primary));
  return ordered.flatMap((row) => {
    const measure = byCode(study.experiment.measures, row.measure);
    return measure ? [{ study, measure, result: row }] : [];
  });
}
