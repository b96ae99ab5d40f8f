import { findArm } from '../../model';
import { eventTimes } from '../../kinds/eventTimes';
import { counted } from '../../quantities/plural';
import { NONE } from '../../quantities/show';
import { unitData } from '../../study/curves';
import { findingTitle, seriesOf, type Shown } from './parts';
import { fourFigures } from '../../words/weigh/figures';
import { seenAs, daysWords } from '../../words/weigh/pictureWords';
import type { Mark, Picture } from './Picture';
import { sizesNote } from '../../words/sizesNote';

/** So many numbers of those still waited for stand beneath at the most. */
const MOST_BENEATH = 8;

/**
 * When something came: the share of each arm that has had it by a day, in steps, with its 95% confidence interval as a band and beneath it how many are
 * still waited for.
 * Source: Kaplan & Meier (1958) JASA 53:457–481, as one minus the share that is still without.
 * @param shown a measure of days with its study and result
 * @returns steps in per cent
 */
export function daysPicture(shown: Shown): Picture {
  const { study, measure, result } = shown;
  const { arms, plan } = study.experiment;
  const times = eventTimes(measure, unitData(study, measure));
  const last = Math.max(1, ...times.map(({ time }) => time));
  const curves = arms.map((arm) => {
    const summary = findArm(result.arms, arm.code);
    const own = times.filter((unit) => unit.arm === arm.code);
    const steps = summary?.survival ?? [];
    const end = Math.max(0, ...own.map(({ time }) => time));
    const points = [{ x: 0, y: 0 }, ...steps.map(({ time, survival }) => ({ x: time, y: (1 - survival) * 100 }))];
    const ends = steps.flatMap(({ time, ci95 }) => (ci95 ? [{ x: time, lo: (1 - ci95[1]) * 100, hi: (1 - ci95[0]) * 100 }] : []));
    const tail = <Point extends { x: number }>(list: readonly Point[]) => {
      const final = list.at(-1);
      return final && final.x < end ? [...list, { ...final, x: end }] : [...list];
    };
    return { arm, own, median: summary?.median ?? null, points: own.length === 0 ? [] : tail(points), ends: tail(ends) };
  });
  const days = beneathDays(last);
  const waitedFor = (own: typeof times, day: number) => own.filter(({ time, happened }) => (happened ? time > day : time >= day)).length;
  const had = (own: typeof times) => own.filter(({ happened }) => happened).length;
  const title = findingTitle(shown);
  const sizes = sizesNote(
    curves.map(({ arm, own }) => ({ name: arm.name, units: own.length })),
    plan.unitNoun,
  );
  return {
    id: `${measure.code}.days`,
    title,
    sentence: seenAs(
      title,
      curves.map(({ arm, own, median }) => daysWords.arm(arm.name, had(own), counted(own.length, plan.unitNoun), median)),
    ),
    note: daysWords.note(plan.unitNoun, sizes),
    x: { label: 'day after the start', min: 0, max: last * 1.02 },
    y: { label: daysWords.axis(measure.name, plan.unitNoun), min: 0, max: 100 },
    series: seriesOf(arms),
    keyed: true,
    marks: [
      ...curves.map(({ arm, ends }): Mark => ({ kind: 'band', series: arm.code, stepped: true, points: ends })),
      ...curves.map(({ arm, points }): Mark => ({ kind: 'line', series: arm.code, stepped: true, points })),
    ],
    beneath: {
      title: 'Still waited for',
      rows: curves.map(({ arm, own }) => ({
        series: arm.code,
        at: days.map((day) => ({ x: day, words: own.length === 0 ? NONE : String(waitedFor(own, day)) })),
      })),
    },
    table: {
      head: ['Group', 'Had it', 'Half by day', ...days.map((day) => `waited for on day ${fourFigures(day)}`)],
      rows: curves.map(({ arm, own, median }) => [
        arm.name,
        `${had(own)} of ${own.length}`,
        fourFigures(median),
        ...days.map((day) => String(waitedFor(own, day))),
      ]),
      numbersFrom: 1,
    },
  };
}

/** Round days from 0 on. */
function beneathDays(last: number): number[] {
  const rough = last / (MOST_BENEATH - 1);
  const size = 10 ** Math.floor(Math.log10(Math.max(1, rough)));
  const step = [1, 2, 5, 10].map((times) => times * size).find((own) => own >= rough) ?? 10 * size;
  return Array.from({ length: Math.floor(last / step) + 1 }, (_, i) => i * step);
}
