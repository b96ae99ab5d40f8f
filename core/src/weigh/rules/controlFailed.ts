import { byCode, type Finding, type Study } from '../../model';
import { centre } from '../../stats/moments';
import { fixed } from '../../quantities/roundTo';
import { isShare } from '../../kinds';
import { unitData } from '../../study/curves';
import { unitValues } from '../unitValues';

/** The control, or another arm that has one, misses its bar once its last planned reading is in: the experiment says nothing either way. */
export function controlFailedRule(study: Study): Finding[] {
  const { experiment } = study;
  return experiment.plan.controlLimits.flatMap((bar): Finding[] => {
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
    const unit = scale === 100 ? '%' : measure.unit;
    const reached = centre(values) * scale;
    const words = (limit: number, side: string): Finding => ({
      rule: 'control-failed',
      severity: 'blocker',
      message: `${held.role === 'control' ? 'The control, ' : ''}${held.name}${held.role === 'control' ? ',' : ''} came to ${fixed(reached, 0)} ${unit} in “${measure.name}”, but had to be ${side} ${limit} ${unit}. Something else went wrong for everyone.`,
      remedy: 'Find out what was wrong with the seed, the mix or the place, then run it again.',
    });
    if (bar.least !== null && reached < bar.least) return [words(bar.least, 'at least')];
    if (bar.most !== null && reached > bar.most) return [words(bar.most, 'at most')];
    return [];
  });
}
