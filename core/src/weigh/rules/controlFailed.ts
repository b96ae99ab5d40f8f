import { byCode, type Study } from '../../model';
import { centre } from '../../stats/moments';
import { isShare } from '../../kinds';
import { unitData } from '../../study/curves';
import { unitValues } from '../unitValues';
import type { Finding } from '../../words/findings';

/** The control, or another arm that has one, misses its bar once its last planned reading is in: the experiment says nothing either way. */
export function controlFailedRule(study: Study): Finding<'control-failed'>[] {
  const { experiment } = study;
  return experiment.plan.controlLimits.flatMap((bar): Finding<'control-failed'>[] => {
    const measure = byCode(experiment.measures, bar.measure);
    const held = experiment.arms.find(({ code: arm, role }) => (bar.arm === null ? role === 'control' : arm === bar.arm));
    if (!measure || !held) return [];
    const data = unitData(study, measure);
    const lastRead = Math.max(-1, ...data.flatMap(({ curve }) => curve.map((point) => point.day)));
    if (lastRead < Math.max(0, ...measure.readingDays)) return [];
    const share = isShare(measure, experiment.units);
    const values = unitValues(study, measure, data)
      .filter((unit) => unit.arm === held.code)
      .map((unit) => unit.value);
    if (values.length === 0) return [];
    const scale = share ? 100 : 1;
    const facts = {
      name: held.name,
      isControl: held.role === 'control',
      measure: measure.name,
      reached: centre(values) * scale,
      unit: share ? '%' : measure.unit,
    };
    const failed = (limit: number, side: 'least' | 'most'): Finding<'control-failed'>[] => [
      { rule: 'control-failed', severity: 'blocker', facts: { ...facts, limit, side } },
    ];
    if (bar.least !== null && facts.reached < bar.least) return failed(bar.least, 'least');
    if (bar.most !== null && facts.reached > bar.most) return failed(bar.most, 'most');
    return [];
  });
}
