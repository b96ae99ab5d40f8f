import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { questions } from '../ask/questions';
import { soakOrDry } from '../ask/questions/soakOrDry';
import type { Plan } from '../model';
import { changePlan } from '../plan/edits';
import { redesign } from '../plan/redesign';
import { followEdit } from '../words/unworded';
import { contradictedLines } from './lines';

const begun = { created: '2026-01-05T09:00:00Z', startOn: '2026-01-06', seed: 3 };
const soak = experimentFrom(soakOrDry, begun);
const saying = (more: Partial<Plan>) => contradictedLines(changePlan(soak, more)).map(({ says, plan }) => `${says}: ${plan}`);

describe('a line in somebody’s own words', () => {
  it('is held against the number of units, of seeds and the days', () => {
    expect(saying({ materials: ['24 deep trays from the shed'] })).toEqual(['24 deep trays: 30 trays, 10 in a group']);
    expect(saying({ steps: ['Sow 12 seeds a tray.'] })).toEqual(['12 seeds: 25 in a tray, 750 in all']);
    expect(saying({ steps: ['Dig up the rest on day 21.'] })).toEqual(['day 21: nothing after day 14']);
    expect(saying({ endRule: 'on day 60', unworded: [] })).toContain('day 60: nothing after day 14');
  });

  it('is held against the plant, the groups and the place', () => {
    expect(saying({ steps: ['Count the beans that are up.'] })).toEqual(['bean: pea']);
    expect(saying({ steps: ['Soak group B first.', 'Soak group 6 first, then group 24; the group that is left stays dry.'] })).toEqual([
      'group B: the groups C, 6 and 24',
    ]);
    expect(saying({ steps: ['Stand all trays in the garden bed.'] })).toEqual(['in the garden bed: on a bench']);
    expect(saying({ decision: 'If they fail, sow radishes.' })).toEqual(['radish: pea']);
    const kept = [{ what: 'place', how: 'all on the windowsill' }];
    expect(saying({ kept })).toEqual(['on the windowsill: on a bench']);
  });

  it('names its place: where it stands there is a mark', () => {
    const both = contradictedLines(
      changePlan({ ...soak, hypothesis: 'Beans come up sooner when soaked.' }, { unworded: [], materials: ['9 trays'] }),
    );
    expect(both.map(({ where, says }) => [where, says])).toEqual([
      ['kit', '9 trays'],
      ['hypothesis', 'bean'],
    ]);
  });

  it('is left alone with a plant that the plan speaks of', () => {
    const beside = changePlan(soak, {
      changed: 'basil beside them',
      steps: ['Plant the basil on day 3.', 'Soak the pea seeds, not beans.'],
    });
    expect(contradictedLines(beside)).toEqual([]);
  });

  it('is left alone where the plan has it, or it speaks of something else', () => {
    const materials = ['30 trays', '10 trays for the dry group', '20 trays for the soaked ones', '750 pea seeds', '3 lamps', '2.5 trays'];
    expect(saying({ materials, steps: ['Sow 25 seeds a tray.', 'Wait 40 minutes, read on day 7.'] })).toEqual([]);
  });

  it.each(questions)('is none in $id as it comes, nor once it has other numbers', (question) => {
    const first = experimentFrom(question, begun);
    expect(contradictedLines(first)).toEqual([]);
    expect(contradictedLines(followEdit(first, redesign(first, { unitsPerArm: question.unitsPerArm + 3 })))).toEqual([]);
  });
});
