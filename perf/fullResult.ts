import { fairTest } from '../core/src/plan/fairTest';
import { unitData } from '../core/src/study/curves';
import { validity } from '../core/src/weigh/validity';
import { weighMeasure } from '../core/src/weigh/weighMeasure';
import { isValued, type Study } from '../core/src/model';
import { medianTimes } from './clock';
import type { Size } from './Size';
import { reportRatio } from './table';
import { large } from './large';

/** The bound: one pass that sums the values by measure, date and arm. */
function sumByArm({ experiment, observations }: Study): Map<string, number> {
  const armOf = new Map(experiment.units.map((unit) => [unit.code, unit.arm]));
  const sums = new Map<string, number>();
  for (const { measure, observedOn, unit, value } of observations.filter(isValued)) {
    const key = `${measure} ${observedOn} ${armOf.get(unit)}`;
    sums.set(key, (sums.get(key) ?? 0) + value);
  }
  return sums;
}

/** The whole result without the resampling that stands beside it. */
function result(study: Study): unknown {
  const review = [...fairTest(study.experiment), ...validity(study)];

  return study.experiment.measures.map((measure) =>
    weighMeasure(study, measure, unitData(study, measure), review, { seed: 1, beside: false }),
  );
}

export function fullResult({ rounds }: Size): void {
  const study = large(48, 60, 4);
  const [whole, pass] = medianTimes([() => result(study), () => sumByArm(study)], 2 * rounds + 1);
  reportRatio('full result of 240 units × 12 dates × 4 measures, against one summing pass', whole / pass, { most: 10 });
}
