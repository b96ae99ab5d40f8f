import type { Care, Plan, Stage, Unit } from '../model';
import { liveCare } from './liveEntries';
import { unitsGiven } from './steps';

const HOUR = 3_600_000;

/** What of a study its step times follow from. */
export interface TimesOf {
  readonly plan: Pick<Plan, 'stages'>;
  readonly units: readonly Pick<Unit, 'code' | 'arm'>[];
}

/** A step that has begun and not ended. Moments are ISO 8601 with their seconds. */
export interface RunningStep {
  readonly entry: Care;
  readonly step: string;
  readonly kind: Stage['kind'];
  readonly units: readonly string[];
  readonly began: string;
  /** When it may end; null where the plan says no length. */
  readonly endsFrom: string | null;
  /** When it must end. */
  readonly endsTo: string | null;
}

const stageOf = (stages: readonly Stage[], units: readonly Pick<Unit, 'arm'>[], step: string | null): Stage | undefined =>
  stages.find(({ name, arms }) => name === step && (arms.length === 0 || units.some(({ arm }) => arms.includes(arm))));

const plus = (moment: string, hours: number) => new Date(Date.parse(moment) + hours * HOUR).toISOString();

/**
 * The steps that are running now.
 * @param experiment with its stages and units
 * @param care with what has begun
 * @returns the one that ends first comes first
 */
export function runningSteps({ plan, units }: TimesOf, care: readonly Care[]): RunningStep[] {
  return liveCare({ care })
    .flatMap((entry): RunningStep[] => {
      const { step, began, ended } = entry;
      if (step === null || began === null || ended !== null) return [];
      const own = unitsGiven(units, entry);
      const stage = stageOf(plan.stages, own, step);
      const hours = stage?.hours ?? null;
      return [
        {
          entry,
          step,
          kind: stage?.kind ?? 'other',
          units: own.map(({ code: unit }) => unit),
          began,
          endsFrom: hours === null ? null : plus(began, hours),
          endsTo: hours === null ? null : plus(began, Math.max(hours, stage?.hoursMost ?? hours)),
        },
      ];
    })
    .sort((a, b) => ((a.endsFrom ?? '9') < (b.endsFrom ?? '9') ? -1 : 1));
}

/** A step whose real length is another than the plan's. */
export interface OffTime {
  readonly step: string;
  readonly arms: readonly string[];
  readonly units: readonly string[];
  readonly tested: boolean;
  /** Minutes too long; below 0 too short. */
  readonly minutes: number;
  readonly hours: number;
}

/** What hands need between the first unit and the last is no deviation: five minutes, or a twentieth of the length. */
const SLACK_MINUTES = 5;
const SLACK_SHARE = 0.05;

/**
 * Steps that lasted longer or shorter than the plan says, by more than hands need.
 * @param experiment with its stages and units
 * @param care with what was begun and ended
 * @returns an entry for each that was off, in order of days
 */
export function stepsOffTime({ plan, units }: TimesOf, care: readonly Care[]): OffTime[] {
  return liveCare({ care }).flatMap((entry): OffTime[] => {
    const { step, began, ended } = entry;
    const own = unitsGiven(units, entry);
    const stage = stageOf(plan.stages, own, step);
    if (step === null || began === null || ended === null || stage?.hours == null) return [];
    const [least, most] = [stage.hours * 60, Math.max(stage.hours, stage.hoursMost ?? 0) * 60];
    const took = (Date.parse(ended) - Date.parse(began)) / 60_000;
    const minutes = Math.round(took > most ? took - most : took < least ? took - least : 0);
    if (Math.abs(minutes) <= Math.max(SLACK_MINUTES, SLACK_SHARE * least)) return [];
    const arms = [...new Set(own.map(({ arm }) => arm))];
    return [{ step, arms, units: own.map(({ code: unit }) => unit), tested: stage.tested, minutes, hours: stage.hours }];
  });
}
