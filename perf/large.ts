import { layOut } from '../core/src/study/bench/layOut';
import { simulateStudy } from '../core/src/simulate/simulateStudy';
import { plainTruth } from '../core/src/model/Truth';
import { aMeasure, anArm, anExperiment } from '../core/src/testing';
import type { Study } from '../core/src/model';

/** A study of 400 units and one measure a hundred dates or less: so many readings a unit, 100,000 with 250. */
export function large(each: number, unitsPerArm = 100, measures = 1): Study {
  const arms = ['C', 'T', 'U', 'V'].map((code) => anArm(code));
  const { units, bench } = layOut(
    { arms, unitsPerArm, letter: 'P', sown: null, layout: 'completely-random', blocks: 1, columns: 25, light: 'lamp' },
    1,
  );
  const codes = ['height', 'leaves', 'mass', 'width'].slice(0, measures);
  const readingDays = Array.from({ length: each / measures }, (_, i) => 2 + 2 * i);
  const plain = anExperiment({
    arms,
    units,
    measures: codes.map((measure, i) => aMeasure({ code: measure, name: measure, primary: i === 0, readingDays })),
    startedOn: '2024-01-01',
  });
  const truth = plainTruth(
    Object.fromEntries(codes.map((code) => [code, { process: 'level', level: { '': 50, T: 55 }, rate: 0.2 } as const])),
    { unitSpread: 0.1 },
  );
  return simulateStudy({ ...plain, plan: { ...plain.plan, bench, lockedOn: '2024-01-01' } }, truth, { seed: 2 }).study;
}
