import { describe, expect, it } from 'vitest';
import { anExperiment } from '../testing';
import { experimentFields } from './experiment';
import { withBlanks, withFormerNames } from './readRecord';

describe('what was stored before its fields had their names', () => {
  const experiment = anExperiment();
  const before = withFormerNames(experimentFields, experiment);

  it('has an arm as arm.arm, a unit as unit.unit, a measure as measure.measure', () => {
    const [arm] = before.arms as Record<string, unknown>[];
    const [unit] = before.units as Record<string, unknown>[];
    const [measure] = before.measures as Record<string, unknown>[];
    expect([arm?.arm, unit?.unit, measure?.measure]).toEqual([
      experiment.arms[0]?.code,
      experiment.units[0]?.code,
      experiment.measures[0]?.code,
    ]);
    expect([arm, unit, measure].some((own) => own && 'code' in own)).toBe(false);
  });

  it('is read as it is named now, and what is named so already stays', () => {
    expect(withBlanks(experimentFields, before)).toEqual(experiment);
    expect(withBlanks(experimentFields, experiment)).toEqual(experiment);
  });
});
