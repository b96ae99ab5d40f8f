import { layOut } from '../core/src/study/bench/layOut';
import { simulateStudy } from '../core/src/simulate/simulateStudy';
import { plainTruth } from '../core/src/model/Truth';
import { aMeasure, anArm, anExperiment } from '../core/src/testing';
import { fairTest } from '../core/src/plan/fairTest';
import { unitData } from '../core/src/study/curves';
import { validity } from '../core/src/weigh/validity';
import { weighMeasure } from '../core/src/weigh/weighMeasure';
import type { Study } from '../core/src/model';
import { line, medianTimes } from './clock';

/** 240 units in four arms, 12 dates, 4 measures: 11,520 readings. */
function large(): Study {
  const arms = ['C', 'T', 'U', 'V'].map((code) => anArm(code));
  const { units } = layOut(
    { arms, unitsPerArm: 60, letter: 'P', sown: null, layout: 'completely-random', blocks: 1, columns: 24, light: 'lamp' },
    1,
  );
  const readingDays = Array.from({ length: 12 }, (_, i) => 2 + 2 * i);
  const codes = ['height', 'leaves', 'mass', 'width'];
  const experiment = anExperiment({
    arms,
    units,
    measures: codes.map((measure, i) => aMeasure({ measure, name: measure, primary: i === 0, readingDays })),
  });
  const truth = plainTruth(
    Object.fromEntries(codes.map((code) => [code, { process: 'level', level: { '': 50, T: 55 }, rate: 0.2 } as const])),
    { unitSpread: 0.1 },
  );
  return simulateStudy(experiment, truth, { seed: 2 }).study;
}

/** The bound: one pass that sums the values by measure, date and arm. */
function sumByArm({ experiment, observations }: Study): Map<string, number> {
  const armOf = new Map(experiment.units.map((unit) => [unit.unit, unit.arm]));
  const sums = new Map<string, number>();
  for (const { measure, observedOn, unit, value } of observations) {
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

export function fullResult(): void {
  const study = large();
  const [whole, pass] = medianTimes([() => result(study), () => sumByArm(study)], 15);
  line('full result of 240 units × 12 dates × 4 measures, against one summing pass', whole / pass, 'under 10');
}
