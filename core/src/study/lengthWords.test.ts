import { describe, expect, it } from 'vitest';
import { lengthWords, typedLength } from './lengthWords';

describe('how long a step lasts', () => {
  it.each([
    ['18', 18, null, '18 h'],
    ['18 h', 18, null, '18 h'],
    ['45 min', 0.75, null, '45 min'],
    ['1 h 30 min', 1.5, null, '1.5 h'],
    ['15-30 min', 0.25, 0.5, '15–30 min'],
    ['15 to 30 minutes', 0.25, 0.5, '15–30 min'],
    ['30–42 d', 720, 1008, '30–42 d'],
    ['35 days', 840, null, '35 d'],
    ['6 weeks', 1008, null, '42 d'],
    ['12 h - 1 d', 12, 24, '12–24 h'],
    ['1/2 h', 0.5, null, '30 min'],
    ['', null, null, ''],
  ])('%s', (text, hours, hoursMost, words) => {
    expect(typedLength(text)).toEqual({ hours, hoursMost });
    expect(lengthWords(hours, hoursMost)).toBe(words);
  });

  it('says what cannot be', () => {
    const why = (text: string) => (typedLength(text) as { wrong: string }).wrong;
    expect(why('42-30 d')).toMatch(/goes backwards/);
    expect(why('0 h')).toMatch(/more than 0/);
    expect(why('a night')).toMatch(/not a number/);
    expect(why('5 cups')).toMatch(/does not measure a time/);
    expect(why('99 9999 d')).toMatch(/ten years/);
  });
});
