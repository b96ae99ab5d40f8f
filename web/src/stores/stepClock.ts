import { v7 as uuid } from 'uuid';
import { blankOf, careFields, setTiming, type Care, type RunningStep } from '@fern/core';
import { useDocument } from './document';
import { useLog } from './log';
import { today } from './today';
import { ownZone } from './zone';

/** A moment to the second, as it is written down. */
const nowMoment = (): string => `${new Date().toISOString().slice(0, 19)}Z`;

/** Writes down when a step really begins and ends. What has begun and not ended is running, on every device. */
export function useStepClock() {
  const log = useLog();
  const documentStore = useDocument();
  /** Real moments are told on a clock: the plan's, or from now on this one. */
  const withZone = () => documentStore.change((now) => (now.plan.timing.zone === '' ? setTiming(now, { zone: ownZone() }) : now));
  const entry = (step: string, arms: readonly string[], units: readonly string[]): Care => ({
    ...blankOf(careFields),
    id: uuid(),
    on: today(),
    kind: 'other',
    step,
    arms: units.length > 0 ? [] : arms,
    units,
  });
  return {
    begin: (step: string, arms: readonly string[], units: readonly string[]) => {
      withZone();
      return log.addCare({ ...entry(step, arms, units), began: nowMoment() });
    },
    /** A step that takes only hands has no length of its own. */
    done: (step: string, arms: readonly string[], units: readonly string[]) => log.addCare(entry(step, arms, units)),
    end: ({ entry: begun }: RunningStep) => log.addCare({ ...begun, id: uuid(), replaces: begun.id, ended: nowMoment() }),
    /** It was begun in error: the entry stays, withdrawn. */
    takeBack: ({ entry: begun }: RunningStep) => log.addCare({ ...begun, id: uuid(), replaces: begun.id, withdrawn: true }),
  };
}
