import { kindOf } from '../kinds';
import type { Measure, Study } from '../model';
import { startOf } from './curves';
import { cell, measuresRead, readingsOf } from './readings';
import { memoize } from './memoize';
import { addDays, daysBetween } from '../model';
import { filledRounds, type RoundReading } from './roundOf';

/** A unit on one planned reading day. */
interface MeasureRoundUnit {
  readonly unit: string;
  readonly arm: string;
  /** Calendar date on which it was planned; null where the unit has no start. */
  readonly planned: string | null;
  /** Days after its start on which it was read; null where it was not. */
  readonly readOn: number | null;
}

/** What one planned reading day brought, unit by unit. */
export interface MeasureRound {
  readonly measure: Measure;
  readonly day: number;
  readonly units: readonly MeasureRoundUnit[];
}

/**
 * Every planned reading that should be in by now. A day is not over before the next has come.
 * Units that are lost or excluded are left out, and so are measures that nobody reads.
 * @param today calendar date; without it, that of the last reading is over
 */
export function measureRounds(study: Study, today?: string): readonly MeasureRound[] {
  const last = lastDay(study);
  return allRounds(study).flatMap((round) => {
    if (today === undefined) return round.day <= last ? [round] : [];
    const units = round.units.filter(({ planned, readOn: read }) => read !== null || (planned !== null && planned < today));
    return units.length > 0 ? [{ ...round, units }] : [];
  });
}

const allRounds = memoize((study: Study): readonly MeasureRound[] => {
  const { experiment } = study;
  const units = experiment.units.filter((unit) => unit.status === 'active' || unit.status === 'ended');
  const read = experiment.measures.filter((measure) => kindOf(measure).entry !== 'none');
  return read.flatMap((measure) => {
    const filled = units.map((unit) => {
      const start = startOf(unit, experiment);
      return { unit, start, walks: start === null ? null : filledRounds(cell(study, measure.code, unit.code).live, measure, start) };
    });
    return [...measure.readingDays]
      .sort((a, b) => a - b)
      .map((day) => ({
        measure,
        day,
        units: filled.map(({ unit, start, walks: rounds }) => ({
          unit: unit.code,
          arm: unit.arm,
          planned: start === null ? null : addDays(start, Math.floor(day)),
          readOn: readOn(rounds?.get(day)),
        })),
      }));
  });
});

/** Someone who says that it was not read has not read it. */
const readOn = (roundReading: RoundReading | undefined) =>
  roundReading === undefined || roundReading.reading.absent === 'not-read' ? null : roundReading.readOn;

/** The last day, counted from each unit's own start, on which anything was read; −1 before the first. */
function lastDay(study: Study): number {
  let last = -1;
  const starts = new Map(study.experiment.units.map((unit) => [unit.code, startOf(unit, study.experiment)]));
  for (const code of measuresRead(study)) {
    for (const [unit, { live }] of readingsOf(study, code)) {
      const start = starts.get(unit);
      if (start == null) continue;
      for (const { observedOn } of live) last = Math.max(last, daysBetween(start, observedOn));
    }
  }
  return last;
}
