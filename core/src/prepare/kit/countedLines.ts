import { escapeRegExp } from 'lodash-es';
import type { Experiment } from '../../model';
import { plural, singular } from '../../quantities/plural';
import { writtenByApp } from '../../study/syncTextNumbers';
import { mixEach } from '../../study/mixEach';

/** Lines of the plan's list that only count what the kit works out by itself, and their words for it. */
export interface CountedLines {
  /** "young tomatoes of one sowing" of "20 young tomatoes of one sowing". */
  readonly propagule: string | null;
  /** "pots of 11 cm" of "24 pots of 11 cm". */
  readonly containers: string | null;
  readonly lines: ReadonlySet<string>;
}

/** Finds them among the lines that the app wrote: what a person typed is never one. */
export function countedLines(experiment: Experiment): CountedLines {
  const { plan, units } = experiment;
  const app = writtenByApp(experiment);
  const own = plan.materials.map((line) => line.trim()).filter((line) => app.has(line));
  const counts = new Set([units.length, units.reduce((sum, { sown }) => sum + (sown ?? 0), 0)]);
  const counted = own.flatMap((line) => {
    const [, number, rest = ''] = /^(\d+) (.+)$/.exec(line) ?? [];
    return number !== undefined && counts.has(Number(number)) ? [{ line, rest }] : [];
  });
  // One word may stand before it: deep pots, clear pouches.
  const begins = (rest: string, word: string) => new RegExp(`^(\\p{L}+ )?${escapeRegExp(word)}([ ,]|$)`, 'iu').test(rest);
  const containers = counted.find(({ rest }) => begins(rest, plural(plan.unitNoun)));
  const propagule = counted.find((other) => other !== containers && wordsOf(experiment).some((word) => has(other.rest, word)));
  const labels = own.filter((line) => /^(\d+ )?labels?( with codes)?$/i.test(line));
  const mix = mixEach(experiment).amount > 0 ? own.filter((line) => /^(seed )?mix( from one bag|, one bag)?$/i.test(line)) : [];
  return {
    propagule: propagule?.rest ?? null,
    containers: containers?.rest ?? null,
    lines: new Set([...labels, ...mix, ...[containers, propagule].flatMap((found) => found?.line ?? [])]),
  };
}

/** Words by which what is put in is called. */
function wordsOf({ plan }: Experiment): string[] {
  const bare = plan.plant.replace(/ (seeds?|seedlings?|cuttings?|plants?|in water)$/i, '');
  return [plan.propagule, singular(plan.propagule), plural(singular(bare)), singular(bare)].filter((word) => word !== '');
}

const has = (text: string, word: string) => new RegExp(`(^|[^\\p{L}])${escapeRegExp(word)}([^\\p{L}]|$)`, 'iu').test(text);
