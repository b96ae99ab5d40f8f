import type { Care, Experiment } from '../model';
import { inList } from '../quantities/inList';
import { plural } from '../quantities/plural';
import { minuteWords } from '../study/minuteWords';
import { localOf } from '../study/schedule/zoned';

const given = { water: 'watered', feed: 'fed', other: 'cared for' } as const;

/**
 * One entry of care as it is told: what was done, to whom, and how much.
 * @param care as it was written down
 * @returns words without a day: "watered, 60 mL each: P01, P02"
 */
export function careWords({ plan, arms: all }: Experiment, care: Care): string {
  const { kind, amount, amountUnit, units, arms, note, step } = care;
  const what = step ?? (kind === 'other' && note ? note : given[kind]);
  const much =
    amount === null
      ? ''
      : `, ${amount} ${amountUnit ?? ''}${units.length === 1 ? '' : arms.length > 0 && units.length === 0 ? ' in all' : ' each'}`;
  const names = arms.map((code) => all.find(({ code: arm }) => arm === code)?.name ?? code);
  const whom = units.length > 0 ? units.join(', ') : names.length > 0 ? inList(names) : `all ${plural(plan.unitNoun)}`;
  const more = note && what !== note ? `; ${note}` : '';
  return `${what}${timesWords(care, plan.timing.zone)}${much.trimEnd()}: ${whom}${more}`;
}

/** When a step really began and ended, and how long it took. */
function timesWords({ began, ended }: Care, zone: string): string {
  if (began === null) return '';
  const at = (moment: string) => localOf(Math.floor(Date.parse(moment) / 60_000), zone).clock;
  if (ended === null) return ` since ${at(began)}`;
  return ` from ${at(began)} to ${at(ended)}, ${minuteWords((Date.parse(ended) - Date.parse(began)) / 60_000)}`;
}
