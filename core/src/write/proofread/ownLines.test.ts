import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../../ask/experimentFrom';
import { questions } from '../../ask/questions';
import { soakOrDry } from '../../ask/questions/soakOrDry';
import type { Plan } from '../../model';
import { changePlan } from '../../plan/edits';
import { redesign } from '../../plan/redesign';
import { followEdit } from '../../words/unworded';
import { contradictedLines } from './ownLines';

const begun = { created: '2026-01-05T09:00:00Z', startOn: '2026-01-06', seed: 3 };
const soak = experimentFrom(soakOrDry, begun);
const saying = (more: Partial<Plan>) => contradictedLines(changePlan(soak, more)).map(({ says, plan }) => `${says}: ${plan}`);

describe('a line in somebody’s own words', () => {
  it('is held against the number of units, of seeds and the days', () => {
    expect(saying({ materials: ['24 deep trays from the shed'] })).toEqual(['24 deep trays: 30 trays, 10 in a group']);
    expect(saying({ steps: ['Sow 12 seeds a tray.'] })).toEqual(['12 seeds: 25 in a tray, 750 in all']);
    expect(saying({ steps: ['Dig up the rest on day 21.'] })).toEqual(['day 21: nothing after day 14']);
    expect(saying({ endRule: 'on day 60', unworded: [] })).toEqual(['day 60: nothing after day 14']);
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
