import { byCode, shortDate, type Experiment } from '../../model';
import { roundOrder } from '../../study/bench/shelves';
import { badgeOf } from '../../words/badge';

/** What stands on one label. */
export interface LabelText {
  readonly code: string;
  /** Code and name of the arm; empty where whoever reads is not to know it. */
  readonly arm: string;
  readonly armName: string;
  readonly isControl: boolean;
  readonly plant: string;
  readonly date: string;
  /** Opens this unit's log. */
  readonly link: string;
}

export interface LabelWish {
  /** The address of this app and experiment, to which the code of the unit is put. */
  readonly address: string;
  readonly showsArms: boolean;
  /** Codes of the units to print; all where it is left out. */
  readonly only?: readonly string[];
}

/**
 * The labels of an experiment in the order of the bench.
 * @param wish what is to stand on them
 * @returns a label for each unit
 */
export function labelsOf({ units, arms, plan, startedOn }: Experiment, { address, showsArms, only }: LabelWish): LabelText[] {
  return roundOrder(units)
    .filter(({ code: unit }) => only === undefined || only.includes(unit))
    .map((unit) => {
      const arm = byCode(arms, unit.arm);
      const start = unit.startedOn ?? startedOn;
      return {
        code: unit.code,
        arm: showsArms ? badgeOf(arms, unit.arm) : '',
        armName: showsArms ? (arm?.name ?? unit.arm) : '',
        isControl: arm?.role === 'control',
        plant: plan.plant,
        date: start === null ? '' : `${shortDate(start)} ${start.slice(0, 4)}`,
        link: `${address}${encodeURIComponent(unit.code)}`,
      };
    });
}
