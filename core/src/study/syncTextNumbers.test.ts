import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { questions } from '../ask/questions/index';
import { soakOrDry } from '../ask/questions/soakOrDry';
import { changePlan } from '../plan/edits';
import { redesign } from '../plan/redesign';
import type { Experiment } from '../model';
import { followEdit } from '../words/unworded';

const begun = { created: '2026-01-05T09:00:00Z', startOn: '2026-01-06', seed: 3 };
const peas = experimentFrom(soakOrDry, begun);
const edit = (before: Experiment, change: (now: Experiment) => Experiment) => followEdit(before, change(before));
const sown = (count: number) => (now: Experiment) => ({ ...now, units: now.units.map((unit) => ({ ...unit, sown: count })) });

describe('the texts of a plan', () => {
  it('follow the plant in question, hypothesis, null and kit', () => {
    const beans = edit(peas, (now) => changePlan(now, { plant: 'broad bean' }));
    expect(beans.question).toContain('soaking broad bean before sowing');
    expect(beans.hypothesis).toMatch(/^For broad bean, the number of normal sprouts on day 14 will not be the same after 6 h in water/);
    expect(beans.nullHypothesis).toMatch(/^For broad bean, the number of normal sprouts on day 14 will be the same/);
    expect(beans.plan.materials[0]).toBe('750 broad beans of one packet');
  });

  it('follow the numbers and the words for a unit and for what is put in', () => {
    const few = edit(peas, (now) => sown(1)(redesign(now, { unitsPerArm: 10 })));
    const cells = edit(few, (now) => changePlan(now, { unitNoun: 'cell', propagule: 'beans' }));
    expect(cells.plan.materials).toEqual([
      '30 pea seeds of one packet',
      '30 cells or cell rows',
      'seed mix, one bag',
      '20 cups with water of the room, one for each soaked cell',
      'clock',
      '30 labels',
    ]);
    expect(cells.plan.steps).toContain('Drain, and sow all groups together, 1 beans a cell, the same depth.');
  });

  it('stay as typed where a person has typed, and only there', () => {
    const typed = edit(peas, (now) => ({
      ...changePlan(now, { materials: ['750 pea seeds and 20 to spare', ...now.plan.materials.slice(1)] }),
      hypothesis: 'I think pea seeds like a bath.',
    }));
    const beans = edit(typed, (now) => changePlan(redesign(now, { unitsPerArm: 5 }), { plant: 'broad bean' }));
    expect(beans.hypothesis).toBe('I think pea seeds like a bath.');
    expect(beans.plan.materials.slice(0, 2)).toEqual(['750 pea seeds and 20 to spare', '15 trays or cell rows']);
    expect(beans.nullHypothesis).toContain('broad bean');
    expect(beans.plan.unworded).not.toContain('hypothesis');
  });

  it('come back with the word, however often it is retyped', () => {
    const words = ['', 's', 'sa', 'sage', 'tray', 'pea', 'pea seed'];
    const back = words.reduce((now, plant) => edit(now, (plan) => changePlan(plan, { plant })), peas);
    expect(back).toEqual(peas);
  });

  it('stay where nothing is known of how they began', () => {
    const foreign = changePlan(peas, { origin: null, unworded: [] });
    expect(edit(foreign, (now) => changePlan(now, { plant: 'sage' })).hypothesis).toBe(peas.hypothesis);
  });

  it.each(questions)('of $id name no number of before and no plant of before', (question) => {
    const before = experimentFrom(question, begun);
    const after = edit(before, (now) => changePlan(redesign(now, { unitsPerArm: 13 }), { plant: 'moss rose' }));
    const old = [before.units.length, question.unitsPerArm].filter((n) => n > 4);
    for (const line of after.plan.materials) for (const n of old) expect(line, `${line}: ${n}`).not.toMatch(new RegExp(`^${n} (?!cells)`));
    const bare = question.plant.replace(/ (seeds?|seedlings|cuttings|in water)$/, '');
    const spoken = [after.question, after.hypothesis, after.nullHypothesis, ...after.plan.materials].join(' ');
    if (bare !== '') expect(spoken.toLowerCase()).not.toMatch(new RegExp(`\\b${bare}`));
  });
});
