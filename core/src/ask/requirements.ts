import { roundMinutes } from '../study/recordingRounds';
import type { ReadyQuestion } from './ReadyQuestion';

/** What not everybody has. */
export type Requirement = 'lamp' | 'windowsill' | 'bed' | 'tank' | 'refrigerator';

/** Needs in the words of a person who says what there is. */
export const needs: readonly { readonly need: Requirement; readonly words: string }[] = [
  { need: 'lamp', words: 'a lamp' },
  { need: 'windowsill', words: 'a windowsill' },
  { need: 'bed', words: 'a bed or open ground' },
  { need: 'tank', words: 'tanks or jars of water' },
  { need: 'refrigerator', words: 'a refrigerator' },
];

/** What a question takes, as it is set up. */
export interface Requirements {
  /** From the start to the last reading, at least one. */
  readonly weeks: number;
  /** Minutes of the longest walk. */
  readonly minutes: number;
  readonly units: number;
  readonly needs: readonly Requirement[];
}

/**
 * What a ready-made question takes.
 * @returns weeks, minutes a visit, units, and what not everybody has
 */
export function requirementsOf({
  arms,
  unitsPerArm,
  measures,
  light,
  place,
  stages,
  batches,
  blocks,
  layout,
}: ReadyQuestion): Requirements {
  const units = arms.length * unitsPerArm;
  const days = [...new Set(measures.flatMap(({ readingDays }) => readingDays))];
  const starts = layout === 'pairs' ? unitsPerArm : blocks;
  // Of batches one is read at a time.
  const left = batches ? Math.ceil(units / starts) : units;
  const onDay = (day: number) => roundMinutes({ measures: measures.filter(({ readingDays }) => readingDays.includes(day)), left });
  const lastStart = batches ? (starts - 1) * batches.everyDays + (batches.armsApart ?? 0) * (arms.length - 1) : 0;
  const has: Readonly<Record<Requirement, boolean>> = {
    lamp: light === 'lamp',
    windowsill: light === 'window',
    bed: place === 'bed' || place === 'ground',
    tank: place === 'water culture',
    refrigerator: place === 'refrigerator' || stages.some(({ kind, hazards }) => kind === 'cold' || hazards?.includes('cold')),
  };
  return {
    weeks: Math.max(1, Math.ceil((lastStart + Math.max(0, ...days)) / 7)),
    minutes: Math.max(1, ...days.map(onDay)),
    units,
    needs: needs.map(({ need }) => need).filter((need) => has[need]),
  };
}

/**
 * The questions that fit what there is.
 * @param questions of the library
 * @param own what there is; nothing said is everything
 * @param weeks that there are; null for as many as it takes
 * @returns in the order given
 */
export function questionsFor(questions: readonly ReadyQuestion[], own: readonly Requirement[], weeks: number | null): ReadyQuestion[] {
  return questions.filter((question) => {
    const takes = requirementsOf(question);
    return (own.length === 0 || takes.needs.every((need) => own.includes(need))) && (weeks === null || takes.weeks <= weeks);
  });
}
