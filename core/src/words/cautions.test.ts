import { describe, expect, it } from 'vitest';
import { hazards, NEVER_HEAT } from '../data/hazards';
import { blankOf, emptyPlan, hazardCodes, shelfFields, stageFields, type Plan, type Stage } from '../model';
import { startOn } from '../prepare/startOn';
import { couldSpread, unaskedSteps } from '../study/hazardsOf';
import { anArm, anExperiment } from '../testing';
import { cautionsOf, stepCautions } from './cautions';

const stage = (more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), hazards: [], ...more });
const plan = (more: Partial<Plan>): Plan => ({ ...emptyPlan, propagule: 'plants', unitNoun: 'jar', ...more });
const said = (more: Partial<Plan>, arms = [anArm('C'), anArm('T')]) => cautionsOf({ plan: plan(more), arms });

describe('cautions', () => {
  it('follow what was said of a step and its kind, never its name', () => {
    expect(stepCautions(stage({ name: 'bleach in boiling water' }))).toEqual([]);
    expect(stepCautions(stage({ name: 'bleach in boiling water', kind: 'heat', hazards: ['chemical'] }))).toEqual([
      NEVER_HEAT,
      hazards.heat.caution,
      hazards.chemical.caution,
    ]);
    expect(stepCautions(stage({ name: '35 days in moist mix', kind: 'cold' }))).toEqual([hazards.cold.caution]);
  });

  it('follow lamps, place, what stands in it and what is sown', () => {
    const bench = [{ ...blankOf(shelfFields), light: 'lamp' as const }];
    expect(said({ bench })).toEqual([hazards.electricity.caution, hazards.lamp.caution]);
    expect(said({ place: 'bed' })).toEqual([hazards.soil.caution]);
    expect(said({ unitNoun: 'pot' })).toEqual([hazards.soil.caution]);
    expect(said({ propagule: 'seeds', plant: 'radish' })).toEqual([hazards['dressed-seed'].caution]);
    expect(said({ propagule: 'seeds' }), 'where nothing grows').toEqual([]);
    expect(said({ propagule: 'cuttings', plant: 'sage' })).toEqual([hazards.blade.caution]);
    expect(said({})).toEqual([]);
  });

  it('follow the crop: what is poisonous, and what no hazard says', () => {
    expect(said({ plant: 'climber', crop: 'sweet-pea' })).toEqual([hazards.poisonous.caution]);
    expect(said({ plant: 'poisonous-looking sweet pea' }), 'a name alone says nothing').toEqual([]);
    expect(said({ plant: 'tomato', crop: 'tomato' })).toEqual([expect.stringMatching(/green fruit of tomatoes are poisonous/)]);
  });

  it('follow the groups, and meet in the steps that they go through', () => {
    const bleached = [anArm('C'), anArm('T', { name: 'a wash', hazards: ['chemical'] })];
    expect(said({}, bleached)).toEqual([hazards.chemical.caution]);
    expect(said({ stages: [stage({ kind: 'heat', arms: ['C'] })] }, bleached)).not.toContain(NEVER_HEAT);
    expect(said({ stages: [stage({ kind: 'heat', arms: ['T'] })] }, bleached)).toContain(NEVER_HEAT);
    expect(couldSpread({ plan: plan({}), arms: bleached })).toBe(true);
  });

  it('follow what is put in, however it is written', () => {
    expect(said({ propagule: 'Seed', plant: 'radish' })).toEqual(said({ propagule: 'seeds', plant: 'radish' }));
  });

  it('are told once each, the person’s own first', () => {
    const twice = [stage({ name: 'nicked', hazards: ['blade'] }), stage({ name: 'cut back', hazards: ['blade'] })];
    expect(said({ cautions: ['Mind the cat.', ''], stages: twice })).toEqual(['Mind the cat.', hazards.blade.caution]);
  });

  it('are kept as they read from the start on, whatever is found to be dangerous later', () => {
    const draft = anExperiment({ plan: plan({ cautions: ['Mind the cat.'], hazards: ['salt'] }) });
    const started = startOn(draft, '2026-04-01', '2026-04-01');
    expect(started.plan.cautions).toEqual(['Mind the cat.', hazards.salt.caution]);
    expect(cautionsOf({ ...started, plan: { ...started.plan, hazards: hazardCodes } })).toEqual(started.plan.cautions);
  });

  it('a step of which nobody has said anything is asked about', () => {
    expect(unaskedSteps({ stages: [stage({ name: 'soak', hazards: null }), stage({ name: 'rinse' })] })).toEqual(['soak']);
  });

  it('of what clings, the control is put out first', () => {
    expect(couldSpread({ plan: plan({}), arms: [] })).toBe(false);
    expect(couldSpread({ plan: plan({ hazards: ['blade', 'lamp'] }), arms: [] })).toBe(false);
    expect(couldSpread({ plan: plan({ stages: [stage({ hazards: ['chemical'] })] }), arms: [] })).toBe(true);
    expect(couldSpread({ plan: plan({ spilloverRoutes: ['drips'] }), arms: [] })).toBe(true);
  });
});
