import { itemAt } from '../../invariant';
import { addDays, shortDate } from '../../model';
import { comesBefore, onDay, jointSchedule, type ArmStep, type Bounds, type Timed } from './schedule';
import { within } from './spans';
import { localOf } from './zoned';

/** A wish that cannot be met, and what would have to give. */
export interface Unmet {
  readonly wish: string;
  /** A day after the start on which nobody is there: nothing that comes before the sowing hangs on it. */
  readonly isDayOff?: true;
  readonly gives: readonly Give[];
}

/** One way out: words for a button, and the moment of sowing or the longer step that it stands for. */
export interface Give {
  readonly words: string;
  readonly sowOn?: string;
  readonly sowAt?: string;
  readonly longer?: { readonly stage: number; readonly hoursMost: number };
}

const MOST_LONGER_HOURS = 12;
const LOOK_DAYS = 14;

/** Which wish it is that fails: the hours at which nobody is there, or the time that is left. */
export function whyNot(timed: Timed, sowing: number, anyhow: readonly ArmStep[], bounds: Bounds): Unmet[] {
  const { stages, timing } = timed.plan;
  const begin = Math.min(sowing, ...anyhow.map(({ begins }) => begins));
  const at = (minute: number) => `${shortDate(localOf(minute, timing.zone).date)}, ${localOf(minute, timing.zone).clock}`;
  const gives = waysOut(timed, sowing, bounds);
  const isLate = begin < bounds.notBefore;
  const first = anyhow.find(({ begins }) => begins === begin);
  if (isLate && first)
    return [{ wish: `“${itemAt(stages, first.stage).name}” would have to begin on ${at(begin)}, which is over.`, gives }];
  const off = [
    ...anyhow.flatMap(({ stage, arm, begins, ends }) => [
      { minute: begins, words: `“${itemAt(stages, stage).name}” of ${arm} would begin` },
      { minute: ends, words: `“${itemAt(stages, stage).name}” of ${arm} would end` },
    ]),
    { minute: sowing, words: 'Sowing would be' },
  ].find(({ minute }) => !within(bounds.present, minute));
  if (off) return [{ wish: `${off.words} on ${at(off.minute)}, when nobody is there.`, gives }];
  const pin = timing.pins[0];
  if (pin)
    return [
      {
        wish: `“${pin.stage}” of ${pin.arm} was put on ${shortDate(pin.on)}, ${pin.at}, and then the order or a length does not hold.`,
        gives,
      },
    ];
  return [{ wish: 'Not every step fits before the sowing.', gives }];
}

/** Another sowing near by, or a step that may last longer. */
function waysOut(timed: Timed, sowing: number, bounds: Bounds): Give[] {
  const { stages, timing } = timed.plan;
  const { zone } = timing;
  const wished = localOf(sowing, zone).date;
  const { sowing: possible } = jointSchedule(timed, bounds);
  const sow = (shifts: readonly number[]): Give[] => {
    for (const date of shifts.map((shift) => addDays(wished, shift))) {
      const minute = onDay(possible, date, timing);
      if (minute === null) continue;
      const { clock } = localOf(minute, zone);
      return [{ words: `Sow on ${shortDate(date)} at ${clock}`, sowOn: date, sowAt: clock }];
    }
    return [];
  };
  const upTo = Array.from({ length: LOOK_DAYS }, (_, i) => i + 1);
  const others = [...sow([0]), ...sow(upTo.map((shift) => -shift)), ...sow(upTo)];
  const longer = stages.flatMap((stage, i): Give[] => {
    if (!comesBefore(stage) || stage.hours === null) return [];
    const most = Math.max(stage.hours, stage.hoursMost ?? 0);
    const fits = (hoursMost: number) => {
      const changed = stages.map((own, k) => (k === i ? { ...own, hoursMost } : own));
      return jointSchedule({ ...timed, plan: { ...timed.plan, stages: changed } }, bounds).stepsTo(sowing) !== null;
    };
    const longest = most + MOST_LONGER_HOURS;
    const more = fits(longest) ? Array.from({ length: MOST_LONGER_HOURS }, (_, k) => most + k + 1).find(fits) : undefined;
    return more === undefined ? [] : [{ words: `Let “${stage.name}” last up to ${more} h`, longer: { stage: i, hoursMost: more } }];
  });
  return [...others.slice(0, 2), ...longer.slice(0, 2)];
}
