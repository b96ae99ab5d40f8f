import { unitCurve, unitData } from '../core/src/study/curves';
import { addReadings } from '../core/src/study/readings';
import { roundItemsOf } from '../core/src/study/roundItems';
import { roundsOfStudy } from '../core/src/study/recordingRounds';
import type { Observation, Study } from '../core/src/model';
import { medianTimes } from './clock';
import type { Size } from './Size';
import { reportRatio } from './table';
import { large } from './large';

const TODAY = '2026-01-01';

/** Everything that pages ask of a study: readings by unit, curves, the state of every walk. */
function view(study: Study): void {
  unitData(study, study.experiment.measures[0]);
  roundsOfStudy(study, TODAY);
}

/** The view of 100,000 readings, made once, against a new reading that is put into it. */
export function readingIndex({ rounds, readings }: Size): void {
  let study = large(readings / 400);
  const [first] = study.observations;
  const [unit] = study.experiment.units;
  const [measure] = study.experiment.measures;
  const list = study.observations;
  let made = 0;
  const fresh = (): Observation => ({ ...first, id: `fresh-${made++}`, observedOn: '2025-06-01' });
  view(study);
  const [built] = medianTimes([() => view({ ...study, observations: [...list] })], rounds);
  view(study);
  const [added, walked] = medianTimes(
    [
      () => {
        study = addReadings(study, [fresh()]);
        unitCurve(study, measure, unit);
        roundsOfStudy(study, TODAY);
      },
      () => roundItemsOf(study, 2),
    ],
    rounds,
  );
  reportRatio(`${readings} readings: a new one put into the view, against building it`, added / built, { most: 0.02 });
  reportRatio(`${readings} readings: the stops of one walk, against building the view`, walked / built, { most: 0.02 });
}
