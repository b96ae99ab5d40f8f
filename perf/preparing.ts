import { create } from 'qrcode';
import { experimentFrom } from '../core/src/ask/experimentFrom';
import { questions } from '../core/src/ask/questions/index';
import { redesign } from '../core/src/plan/redesign';
import { calendarOf } from '../core/src/prepare/calendar';
import { kitOf } from '../core/src/prepare/kit/kitOf';
import { labelPages } from '../core/src/prepare/labels/labelPages';
import { labelsOf } from '../core/src/prepare/labels/labelsOf';
import { labelSheetOf } from '../core/src/prepare/labels/LabelSheet';
import { schoolHours, setSowing, setTiming } from '../core/src/prepare/timing';
import { plannedTimes } from '../core/src/study/schedule/plannedTimes';
import { medianTimes } from './clock';
import type { Size } from './Size';
import { reportRatio } from './table';

const BOUND = 3000;
const AT_ONCE = 100;

/** What Prepare works out: labels against their QR codes alone; labels, kit, steps and calendar as shares of what a person waits for. */
export function preparing({ rounds }: Size): void {
  const question = questions.find(({ id }) => id === 'heat-and-acid') ?? questions[0];
  const draft = redesign(experimentFrom(question, { created: '2027-01-02T08:00:00Z', startOn: '2027-03-10', seed: 3 }), {
    unitsPerArm: 100,
  });
  const plan = setTiming(setSowing(draft, '2027-03-10', '10:00'), { zone: 'Europe/London', presence: schoolHours });
  const labels = labelsOf(plan, { address: 'http://192.168.178.40:4173/u/0198f0e2-7a52-7c8e-9a39-1f2b3c4d5e6f/', showsArms: true });
  const [codes, drawn, kit, times, calendar] = medianTimes(
    [
      () => labels.forEach(({ link }) => create(link, { errorCorrectionLevel: 'M' })),
      () => labelPages(labels, labelSheetOf('a4-plain')),
      () => kitOf(plan),
      () => plannedTimes(plan),
      () => calendarOf(plan, '2027-01-05T10:00:00Z'),
    ],
    rounds,
  );
  reportRatio('400 labels drawn, against their QR codes alone', drawn / codes, { most: 3 });
  reportRatio('400 labels drawn, as a share of 3 s', drawn / BOUND, { most: 0.5 });
  reportRatio('the kit of 400 units, as a share of a tenth of a second', kit / AT_ONCE, { most: 0.3 });
  reportRatio('every step worked back within school hours, the same', times / AT_ONCE, { most: 0.3 });
  reportRatio('the calendar written, the same', calendar / AT_ONCE, { most: 0.5 });
}
