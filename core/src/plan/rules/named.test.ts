import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../../ask/experimentFrom';
import { questions } from '../../ask/questions/index';
import { aMeasure } from '../../testing';
import { tell } from '../../words/findings';
import { namedRule } from './named';

const sprouts = aMeasure({ code: 'sprouts', name: 'Sprouts', kind: 'count', unit: '' });
const roots = aMeasure({ code: 'roots', name: 'Root length', unit: 'mm', primary: false });
const said = (hypothesis: string, decides: 'sprouts' | 'roots', countsAsYes = '') =>
  namedRule({
    hypothesis,
    plan: { countsAsYes },
    measures: [sprouts, roots].map((own) => ({ ...own, primary: own.code === decides })),
  }).map((finding) => tell(finding).message);

describe('the hypothesis and what decides', () => {
  it('is found where it speaks of another measure', () => {
    expect(said('Fewer radishes sprout with salt than without.', 'sprouts')).toEqual([]);
    expect(said('Fewer radishes sprout with salt than without.', 'roots')).toEqual([
      'The hypothesis speaks of “Sprouts”, but “Root length” is the main measurement.',
    ]);
    expect(said('Roots are shorter with salt than without.', 'roots')).toEqual([]);
    expect(said('Roots are shorter with salt than without.', 'sprouts')).toEqual([
      'The hypothesis speaks of “Root length”, but “Sprouts” is the main measurement.',
    ]);
  });

  it('is not where it speaks of what decides under another word, or of nothing', () => {
    expect(said('They are shorter, and sprouts are as many.', 'roots')).toEqual([]);
    expect(said('', 'roots')).toEqual([]);
  });

  it('is found in what would count as a yes, too', () => {
    expect(said('Roots are shorter with salt than without.', 'roots', 'Half as many sprouts.')).toEqual([
      'What would count as a yes speaks of “Sprouts”, but “Root length” is the main measurement.',
    ]);
  });

  it.each(questions)('$id says what decides', (question) => {
    expect(namedRule(experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-01', seed: 4 }))).toEqual([]);
  });
});
