import { inList } from '../../quantities/inList';
import type { Experiment, Finding } from '../../model';

/** No control arm, more than one, or nothing to compare it with. */
export function comparisonRule({ arms }: Experiment): Finding[] {
  const controls = arms.filter((arm) => arm.role === 'control');
  const treatments = arms.filter((arm) => arm.role === 'treatment');
  const finding = (message: string, remedy: string): Finding[] => [{ rule: 'comparison', severity: 'blocker', message, remedy }];
  if (controls.length === 0)
    return finding(
      'No arm is the control, so there is nothing to compare with.',
      'Add a control: the same in everything, but without the treatment.',
    );
  if (controls.length > 1)
    return finding(
      `${inList(controls.map((arm) => arm.name))} are ${controls.length === 2 ? 'both' : 'all'} called the control.`,
      'Keep one control and make the other a reference.',
    );
  if (treatments.length === 0) return finding('There is a control but no treatment.', 'Add an arm that gets the thing you want to test.');
  return [];
}
