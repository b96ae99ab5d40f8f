import { forArm, type Process, type Truth } from '@fern/core';

type ByArm = Readonly<Record<string, number>>;

/** What the control does, and what another arm does, to what that arm is to do. */
type Turn = (control: number, own: number) => number;

/** Three truths of a question: as it usually is, no difference at all, and the opposite of what is usual. */
export const turns: readonly (readonly [name: string, turn: Turn])[] = [
  ['usual', (_, own) => own],
  ['none', (control) => control],
  [
    'opposite',
    (control, own) => (control <= 1 && own <= 1 ? Math.min(0.97, Math.max(0.03, 2 * control - own)) : (control * control) / own),
  ],
];

/**
 * A truth in which every arm does something else than usual.
 * @param truth what usually happens
 * @param control code of the control
 */
export function turned(truth: Truth, control: string, turn: Turn): Truth {
  const all = (values: ByArm): ByArm => {
    const base = forArm(values, control);
    return Object.fromEntries(Object.entries(values).map(([arm, own]) => [arm, arm === '' ? own : turn(base, own)]));
  };
  return {
    ...truth,
    measures: Object.fromEntries(Object.entries(truth.measures).map(([measure, process]) => [measure, turnedProcess(process, all)])),
  };
}

function turnedProcess(process: Process, all: (values: ByArm) => ByArm): Process {
  switch (process.process) {
    case 'sprouting':
      return { ...process, share: all(process.share) };
    case 'growth':
      return { ...process, effect: all(process.effect) };
    case 'level':
    case 'rating':
      return { ...process, level: all(process.level) };
    case 'share':
      return { ...process, share: all(process.share) };
    case 'event':
      return { ...process, days: all(process.days) };
    case 'harvest':
      return { ...process, each: all(process.each) };
  }
}
