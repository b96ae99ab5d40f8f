import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { questions } from '../ask/questions';
import { soakOrDry } from '../ask/questions/soakOrDry';
import { kitOf } from '../prepare/kit/kitOf';
import { readPackage } from '../package/readPackage';
import { writePackage } from '../package/writePackage';
import { changePlan } from '../plan/edits';
import { startOn } from '../prepare/startOn';
import { redesign } from '../plan/redesign';
import { cropNamed } from '../study/crop';
import type { Experiment } from '../model';
import { leftOut, ownLinesOf, putBack, templateLists } from './followTemplates';
import { fill } from './templates';
import { followEdit } from './unworded';

const begun = { created: '2026-01-05T09:00:00Z', startOn: '2026-01-06', seed: 3 };
const peas = experimentFrom(soakOrDry, begun);
const edit = (before: Experiment, change: (now: Experiment) => Experiment) => followEdit(before, change(before));
const sown = (count: number) => (now: Experiment) => ({ ...now, units: now.units.map((unit) => ({ ...unit, sown: count })) });
const sowing = 'Drain, and sow all groups together, 25 seeds a tray, the same depth.';

describe('the texts of a plan', () => {
  it('follow the plant in question, hypothesis, null and kit', () => {
    const beans = edit(peas, (now) => changePlan(now, { plant: 'broad bean' }));
    expect(beans.question).toContain('soaking broad bean before sowing');
    expect(beans.hypothesis).toMatch(/^For broad bean, the number of normal sprouts on day 14 will not be the same after 6 h in water/);
    expect(beans.nullHypothesis).toMatch(/^For broad bean, the number of normal sprouts on day 14 will be the same/);
    expect(kitOf(beans)[0]?.what).toBe('broad bean seeds of one packet');
  });

  it('follow the numbers and the words for a unit and for what is put in', () => {
    const few = edit(peas, (now) => sown(1)(redesign(now, { unitsPerArm: 10 })));
    const cells = edit(few, (now) => changePlan(now, { unitNoun: 'cell', propagule: 'beans' }));
    expect(cells.plan.steps).toContain('Drain, and sow all groups together, 1 bean a cell, the same depth.');
    expect(cells.plan.steps).toContain('Soak the seed of each cell in its own cup.');
    expect(cells.plan.kept.map(({ how }) => how)).toContain('the same cells, filled to the same line');
  });

  it('follow the days of the measurement', () => {
    const later = edit(peas, (now) => ({ ...now, measures: now.measures.map((own) => ({ ...own, readingDays: [7, 21] })) }));
    expect(later.plan.steps).toContain('On day 21 dig up what did not come, and say whether it rotted or lay still.');
  });

  it('go where the plan no longer has what they tell, and come back with it, where they stood', () => {
    const unequal = edit(peas, (now) => ({ ...now, units: now.units.map((unit, i) => ({ ...unit, sown: i === 0 ? 24 : 25 })) }));
    expect(unequal.plan.steps.join(' ')).not.toContain('sow all groups together');
    const equal = edit(unequal, sown(25));
    expect(equal.plan.steps).toEqual(peas.plan.steps);
  });

  it('stay as typed where a person has typed, and only there, with a way back', () => {
    const typed = edit(peas, (now) => ({
      ...changePlan(now, { steps: now.plan.steps.map((step) => (step === sowing ? 'Sow all on Monday, 25 in each.' : step)) }),
      hypothesis: 'I think pea seeds like a bath.',
    }));
    const cells = edit(typed, (now) => changePlan(sown(20)(now), { unitNoun: 'cell', plant: 'broad bean' }));
    expect(cells.hypothesis).toBe('I think pea seeds like a bath.');
    expect(cells.nullHypothesis).toContain('broad bean');
    expect(cells.plan.steps).toContain('Sow all on Monday, 25 in each.');
    expect(ownLinesOf(cells, 'steps')).toEqual(['Sow all on Monday, 25 in each.']);
    const [gone] = leftOut(cells, 'steps');
    expect(gone).toBe('Drain, and sow all groups together, 20 seeds a cell, the same depth.');
    const back = putBack(cells, 'steps', gone ?? '');
    expect(leftOut(back, 'steps')).toEqual([]);
    expect(back.plan.steps.indexOf(gone ?? '')).toBe(back.plan.steps.indexOf('Wet the mix of every cell to the same weight.') + 1);
  });

  it('with a gap that nobody knows are left out, whatever its name', () => {
    for (const name of ['constructor', 'toString', 'nothing']) expect(fill(`Sow {${name}}.`, peas)).toBeNull();
  });

  it('of a package of before are somebody’s own', () => {
    const files = writePackage({ experiment: peas, observations: [], incidents: [], care: [], photos: [] });
    const descriptor = JSON.parse(String(files['datapackage.json'])) as { fern: { plan: Record<string, unknown> } };
    const { templates: _gone, ...plan } = descriptor.fern.plan;
    descriptor.fern.plan = { ...plan, origin: { plant: 'pea seed', units: 30, lines: [sowing] } };
    const old = { ...files, 'datapackage.json': JSON.stringify(descriptor) };
    const read = readPackage(old, '2026-04-01');
    if ('problems' in read) throw new Error(JSON.stringify(read.problems));
    const { experiment } = read.study;
    expect(experiment.plan).toEqual({ ...peas.plan, templates: null });
    expect(edit(experiment, sown(20)).plan.steps).toContain(sowing);
  });

  it('come back with the word, however often it is retyped', () => {
    const words = ['', 's', 'sa', 'sage', 'tray', 'pea', 'pea seed'];
    const back = words.reduce((now, plant) => edit(now, (plan) => changePlan(plan, { plant })), peas);
    expect(back).toEqual(peas);
  });

  it('stay where nothing is known of how they began, and once the plan is locked', () => {
    const foreign = changePlan(peas, { templates: null, unworded: [] });
    expect(edit(foreign, (now) => changePlan(now, { plant: 'sage' })).plan.steps).toEqual(peas.plan.steps);
    const locked = startOn(peas, '2026-01-06', '2026-01-06');
    expect(edit(locked, sown(20)).plan.steps).toContain(sowing);
  });

  it.each(questions)('of $id have every gap filled, and name no plant of before', (question) => {
    const before = experimentFrom(question, begun);
    const told = (now: Experiment) => [
      now.question,
      ...templateLists.flatMap((list) => now.plan[list]),
      ...now.plan.kept.map(({ how }) => how),
    ];
    const all = [question.question, ...templateLists.flatMap((list) => question[list])];
    expect(all.filter((template) => fill(template, before) === null)).toEqual([]);
    expect(told(before).filter((line) => /[{}]|\bnull\b|undefined/.test(line))).toEqual([]);
    const after = edit(before, (now) => changePlan(now, { plant: 'moss rose' }));
    const spoken = [after.question, after.hypothesis, after.nullHypothesis, ...kitOf(after).map(({ what }) => what)];
    const crop = cropNamed(question.plant)?.name ?? question.plant;
    if (crop !== '') expect(spoken.join(' ').toLowerCase()).not.toMatch(new RegExp(`\\b${crop}`));
  });
});
