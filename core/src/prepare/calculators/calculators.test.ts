import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../../ask/experimentFrom';
import { questions } from '../../ask/questions';
import { lightBlocks } from '../lightBlocks';
import { filledFromPlan } from './fromPlan';
import { calculatorOf, calculators } from './index';
import { measureOut } from './measureOut';
import { typedRatio } from './typedRatio';
import { workOut, type Filled } from './workOut';

const examples = (id: string): Filled => Object.fromEntries((calculatorOf(id)?.asks ?? []).map((ask) => [ask.id, ask.example]));
function answer(id: string, filled: Filled = {}) {
  const calculator = calculatorOf(id);
  if (calculator === null) throw new Error(`no calculator ${id}`);
  return workOut(calculator, { ...examples(id), ...filled });
}
/** What came out, line by line: numbers, or words. */
function out(id: string, filled: Filled = {}): (number | string)[] {
  const got = answer(id, filled);
  if ('wrong' in got) throw new Error(Object.values(got.wrong).join(' '));
  return got.worked.lines.map((own) => ('words' in own ? own.words : own.value));
}
function wrong(id: string, filled: Filled): Readonly<Record<string, string>> {
  const got = answer(id, filled);
  return 'wrong' in got ? got.wrong : {};
}
const close = (id: string, filled: Filled, ...wanted: readonly number[]) =>
  wanted.forEach((value, i) => expect(out(id, filled)[i], `${id}, line ${i + 1}`).toBeCloseTo(value, 3));

describe('every calculator', () => {
  it.each(calculators.map(({ id }) => id))('%s works from its own example and shows its formula with the numbers and its source', (id) => {
    const got = answer(id);
    expect('worked' in got && got.worked.lines.length > 0, JSON.stringify(got)).toBe(true);
    expect('worked' in got && got.worked.formula).toMatch(/\d|ribbon/);
    expect(calculatorOf(id)?.source).toMatch(/.{10}/);
  });

  it('has an id of its own', () => {
    expect(new Set(calculators.map(({ id }) => id)).size).toBe(calculators.length);
  });

  it.each(
    calculators.flatMap(({ id, asks }) =>
      asks.filter(({ kind, optional }) => kind !== 'choice' && !optional).map((ask) => [id, ask] as const),
    ),
  )('%s says beside the field that nothing, letters and the impossible cannot be: $id', (id, ask) => {
    expect(wrong(id, { [ask.id]: ' ' })[ask.id]).toBe('Nothing typed yet.');
    expect(wrong(id, { [ask.id]: 'many' })[ask.id]).toMatch(/is not a number|is not a ratio|no time of day/);
    if (ask.kind === 'number' || ask.kind === 'list')
      expect(wrong(id, { [ask.id]: '-1000' })[ask.id]).toMatch(/cannot be below 0|must be|Whole|whole/);
  });

  it('gives finite numbers, or says why not, whatever is typed', () => {
    const odd = fc.oneof(
      fc.constantFrom('0', '-3', '1/2 cup', '2 lb 3 oz', '68 °F', '1:500', '12,5', '24', '1e9', '', '1 2 3', '100 %'),
      fc.integer({ min: 0, max: 10_000 }).map(String),
    );
    fc.assert(
      fc.property(fc.constantFrom(...calculators), fc.infiniteStream(odd), (calculator, stream) => {
        const filled = Object.fromEntries(calculator.asks.map(({ id }) => [id, stream.next().value as string]));
        const got = workOut(calculator, filled);
        if ('wrong' in got) return Object.values(got.wrong).every((why) => why.length > 5);
        return got.worked.lines.every((own) => 'words' in own || Number.isFinite(own.value));
      }),
      { numRuns: 2000 },
    );
  });
});

describe('against check values', () => {
  it('mixes: 640 g at 3 : 1; 12 L at 2 : 1 : 1 (common practice); 10 % of 600 g', () => {
    close('parts-by-mass', { total: '640 g', parts: '3 1' }, 480, 160);
    close('parts-by-mass', { total: '2 lb', parts: '3 1' }, 680.389, 226.796);
    close('parts-by-volume', { total: '12 L', parts: '2 1 1', density: '0.2 0.1 1.5' }, 6000, 1200, 3000, 300, 3000, 4500);
    close('dose', { total: '600', share: '10' }, 60, 540);
    expect(wrong('parts-by-mass', { parts: '3' }).parts).toMatch(/two parts at least/);
    expect(wrong('parts-by-volume', { density: '1 2' }).density).toMatch(/3 parts and 2 weights/);
  });

  it('dilutions: method of mixing, and the fluid ounces of a gallon (NIST Handbook 44, appendix C: 128)', () => {
    close('weaker-from-stock', { stock: '100', wanted: '20', volume: '500 mL' }, 100, 400);
    close('one-in-many', { ratio: '1:500', volume: '500 mL' }, 1, 499);
    close('one-in-many', { ratio: '1+500', volume: '501 mL' }, 1, 500);
    close('one-in-many', { ratio: '1:128', volume: '1 gal' }, 29.5735);
    close('several-stocks', { volume: '10 L', strengths: '200 200 500' }, 50, 50, 20, 9880);
    close('same-strength', {}, 6, 37.5);
    expect(wrong('weaker-from-stock', { wanted: '200' }).wanted).toMatch(/Water only makes it weaker: from a stock of 100 no 200 can come/);
    expect(wrong('several-stocks', { strengths: '1 2' }).strengths).toMatch(/more than the bath/);
  });

  it('ppm: 650 on the 500 scale is 1.3 mS/cm (common practice); 3 % peroxide to 50 mg/L is 1.67 mL a litre', () => {
    close('conductivity', { way: 'ec', scale: '500', reading: '1.3' }, 650);
    close('conductivity', { way: 'ppm', scale: '700', reading: '910' }, 1.3);
    close('peroxide', {}, 1.6667);
    // 0.5 % from 3 % is one in six: the dilution on many labels, from memory.
    close('peroxide', { ppm: '5000', volume: '6 L' }, 1000);
    expect(wrong('peroxide', { ppm: '40000' }).ppm).toMatch(/holds 30000 ppm: it cannot make 40000/);
  });

  it('seed: R pbinom(13, 14 …) for the 90 %; 15 g of maize take 4.5 g; 300 g of vermiculite 150 mL (common practice)', () => {
    close('seeds-to-sow', { plants: '10', germination: '90', survival: '95' }, 12, 14);
    // R: min n with 1 - pbinom(39, n, 0.85 * 0.95) >= 0.9 is 54.
    close('seeds-to-sow', { thousand: '5 g' }, 50, 54, 0.27);
    close('seed-mass', { way: 'count', much: '200', counted: '100', weighed: '1.2 g' }, 2.4, 12);
    close('seed-mass', { way: 'mass', much: '2.4' }, 200, 12);
    close('imbibition', {}, 4.5);
    close('wetting', {}, 150, 450);
    expect(out('replicates-agree', { shares: '40 60 50 50' })).toEqual(['yes: chance does that', 20, 20]);
    expect(out('replicates-agree', { shares: '70 91 79 80' })).toEqual(['no: sow again, or look for a cause', 21, 16]);
    expect(wrong('replicates-agree', { shares: '40 60' }).shares).toMatch(/four lots/);
    expect(wrong('seeds-to-sow', { plants: '12.5' }).plants).toMatch(/They come whole. Type 12 or 13/);
    expect(wrong('seed-mass', { much: '7.5' }).much).toMatch(/Seeds come whole: 7 or 8/);
  });

  it('light: 200 for 16 h is 11.52; the same backwards; a fan of 200 W, 4 h, 120 d at 0.11 costs 10.56 (US Department of Energy, from memory)', () => {
    close('daily-light', {}, 11.52);
    close('hours-for-light', { target: '11.52', ppfd: '200' }, 16);
    expect(out('lamp-times', {})).toEqual(['on at 10:00, off at 16:00', 'on at 7:00, off at 19:00', 'on at 5:00, off at 21:00']);
    close('raise-tray', { before: '100 100', after: '120 100' }, 10, 100, 100, 110);
    close('lamp-cost', { watts: '200', hours: '4', days: '120', price: '0.11', trays: '4' }, 10.56, 2.64, 96);
    close('soil-cost', { price: '8', bag: '40 L', tray: '1.5 L', grams: '60 g' }, 0.3, 26, 0.5);
    expect(wrong('hours-for-light', { target: '40' }).target).toMatch(/gives 17.28 mol at most/);
    expect(wrong('daily-light', { hours: '0' }).hours).toMatch(/must be more than 0 h/);
    expect(wrong('lamp-times', { hours: '6 25' }).hours).toMatch(/Number 2: .*24 h at most/);
  });

  it('a light survey: mean, evenness, and the cuts that leave the least within (all ways tried by hand)', () => {
    close('light-survey', { places: '3', readings: '100 120 80' }, 100, 80, 20);
    expect(out('light-survey', { places: '4', readings: '10 10 50 52 11 9 51 50', blocks: '2' })).toContain('after place 2');
    expect(out('light-survey', { places: '2', readings: '10 11 50 52 51 50', blocks: '2' })).toContain('after row 1');
    expect(out('light-survey', { places: '4', readings: '5 5 5 5', blocks: '2' })).toContain(
      'the light is even, or there are too few places',
    );
    expect(wrong('light-survey', { places: '5', readings: '1 2 3 4 5 6' }).readings).toMatch(
      /6 readings, and rows of 5 places: 4 are missing/,
    );
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 4, maxLength: 8 }), (row) => {
        const found = lightBlocks([row], 3);
        const sum = (part: readonly number[]) => part.reduce((a, b) => a + (b - part.reduce((x, y) => x + y, 0) / part.length) ** 2, 0);
        const every = row.flatMap((_, i) =>
          row.flatMap((__, j) => (0 < i && i < j ? [sum(row.slice(0, i)) + sum(row.slice(i, j)) + sum(row.slice(j))] : [])),
        );
        const total = sum(row);
        return total === 0 ? found === null : Math.abs((found?.left ?? 9) - Math.min(...every) / total) < 1e-9;
      }),
    );
  });

  it('air: FAO 56 table 2.3 (25 °C 3.168 kPa) and example 3 (15 °C 1.705); degree days by method 1', () => {
    close('vapour-deficit', { warmth: '25', humidity: '0' }, 3.168, 3.168);
    close('vapour-deficit', { warmth: '59 °F', humidity: '50' }, 1.705 / 2, 1.705);
    close('degree-days', { highs: '24 26 22', lows: '12 14 8', base: '10' }, 8 + 10 + 5);
    close('degree-days', { highs: '8', lows: '2', base: '50 °F' }, 0);
    expect(out('warmth-steps', {})).toEqual(['4 °C', '11 °C', '18 °C']);
    expect(wrong('degree-days', { lows: '12 30 8' }).lows).toMatch(/On day 2 the coldest, 30 °C, is above the warmest, 26 °C/);
  });

  it('water and growth: by hand; Hunt (1982), Olson (1963: half is gone after 0.693/k), Abbott (1925)', () => {
    close('water-held', { later: '760', pot: '0' }, 320, 320 / 600, 50, 160);
    close('infiltration', {}, 127);
    close('head-volume', {}, 188.4956);
    close('legginess', {}, 3);
    close('relative-growth', { first: '1', last: '2', days: '10' }, 6.93147, 10);
    close('mass-lost', { first: '2', last: '1', days: '100' }, 50, 0.00693, 100);
    close('corrected-effect', {}, 75);
    close('percent-more', { unused: '100' }, 60, 1.6, 12);
    expect(wrong('water-held', { drained: '700' }).drained).toMatch(/more than was poured/);
    expect(wrong('water-held', { later: '5000' }).later).toMatch(/Was it weighed with its container/);
    expect(wrong('mass-lost', { last: '3' }).last).toMatch(/soil clings/);
  });

  it('soil: Shannon (1948): four kinds alike give ln 4; classes of Handbook 18; Thien (1979)', () => {
    close('soil-life', { counts: '5 5 5 5', side: '20 cm' }, 4, Math.log(4), 1, 500);
    expect(out('texture-by-shares')).toEqual(['loam']);
    expect(out('texture-by-shares', { sand: '20', silt: '20', clay: '60' })).toEqual(['clay']);
    expect(out('texture-by-jar', { sand: '65', silt: '90', clay: '100' })[0]).toBe('sandy loam');
    expect(out('texture-by-feel', { ribbon: 'middle', feel: 'smooth' })).toEqual(['silty clay loam']);
    expect(out('texture-by-feel', { ribbon: 'none' })).toEqual(['loamy sand']);
    close('per-area', {}, 150);
    expect(wrong('texture-by-shares', { clay: '30' }).clay).toMatch(/come to 112%/);
  });

  it('against tables elsewhere: measures of NIST Handbook 44, light of Purdue Extension HO-238 (from memory), the sphere, ln 2', () => {
    // Handbook 44, appendix C: 4 qt, 16 cups, 128 fl oz, 256 tbsp in a gallon; an inch is 25.4 mm.
    close('parts-by-volume', { total: '1 gal', parts: '3 1', density: '' }, 3 * 946.353, 946.353);
    close('parts-by-mass', { total: '1 lb', parts: '15 1' }, 425.243, 28.3495);
    close('dose', { how: 'g', total: '16', share: '6.25' }, 1, 15);
    close('several-stocks', { volume: '1 gal', strengths: '128 256' }, 29.5735, 14.7868);
    close('same-strength', { feed: '1 tbsp', tank: '1 gal', others: '1 qt' }, 14.7868 / 4);
    close('weaker-from-stock', { stock: '16', wanted: '1', volume: '1 gal' }, 236.588);
    close('infiltration', { depth: '1 in', time: '1 h' }, 25.4);
    close('per-area', { count: '1', side: '1 ft' }, 10.7639);
    close('warmths', { much: '212 °F' }, 100);
    close('soil-cost', { price: '16', bag: '1 gal', tray: '1 cup' }, 1, 16);
    // A day's light of 100 for 12 h is 4.3, of 500 for 16 h 28.8.
    close('daily-light', { ppfd: '100', hours: '12' }, 4.32);
    close('daily-light', { ppfd: '500', hours: '16' }, 28.8);
    close('hours-for-light', { target: '28.8', ppfd: '500' }, 16);
    // A sphere of diameter 2 is 4/3 π; what grows by ln 2 a day doubles in a day; half-life is ln 2 ÷ k.
    close('head-volume', { height: '2', width: '2' }, (4 / 3) * Math.PI);
    close('relative-growth', { first: '1', last: '2', days: '1' }, 100 * Math.LN2, 1);
    close('mass-lost', { first: '4', last: '1', days: '10' }, 75, Math.log(4) / 10, 5);
    close('corrected-effect', { control: '50', treated: '50' }, 0);
    close('conductivity', { way: 'ec', scale: '700', reading: '2' }, 1400);
    close('water-held', { poured: '1 qt', drained: '1 cup', dry: '1 lb' }, 3 * 236.588236);
  });

  it('units (NIST SP 811, Handbook 44)', () => {
    const line = (id: string, much: string, unit: string) => {
      const got = answer(id, { much });
      return 'worked' in got ? got.worked.lines.find(({ label }) => label === unit) : undefined;
    };
    expect(line('volumes', '1 gal', 'fl oz')).toMatchObject({ value: expect.closeTo(128, 6) as number });
    expect(line('masses', '1 lb', 'oz')).toMatchObject({ value: expect.closeTo(16, 6) as number });
    expect(line('warmths', '68 °F', '°C')).toMatchObject({ value: expect.closeTo(20, 6) as number });
    expect(line('warmths', '-40', '°F')).toMatchObject({ value: expect.closeTo(-40, 6) as number });
    expect(line('areas', '1 m²', 'ft²')).toMatchObject({ value: expect.closeTo(10.7639, 3) as number });
  });
});

describe('filled from a plan', () => {
  it.each(questions)('every calculator takes what the plan of $id knows', (question) => {
    const plan = experimentFrom(question, { created: '2027-01-02', startOn: '2027-03-28', seed: 5 });
    for (const calculator of calculators) {
      const filled = filledFromPlan(calculator.id, plan);
      expect(calculator.asks.map(({ id }) => id)).toEqual(expect.arrayContaining(Object.keys(filled)));
      const got = workOut(calculator, { ...examples(calculator.id), ...filled });
      expect('worked' in got ? '' : `${calculator.id}: ${JSON.stringify(got.wrong)}`).toBe('');
    }
  });

  it('takes numbers of plants, doses and days', () => {
    const plan = (id: string) => {
      const question = questions.find((own) => own.id === id);
      if (!question) throw new Error(id);
      return experimentFrom(question, { created: '2027-01-02', startOn: '2027-03-28', seed: 5 });
    };
    expect(filledFromPlan('seeds-to-sow', plan('hard-coat'))).toMatchObject({ plants: '36', germination: '40' });
    expect(filledFromPlan('dose', plan('amendment-dose'))).toMatchObject({ share: '20' });
    expect(filledFromPlan('lamp-times', plan('hours-of-light'))).toMatchObject({ hours: expect.stringMatching(/\b16\b/) as string });
    expect(filledFromPlan('mass-lost', plan('buried-bags')).days).toMatch(/^\d+$/);
  });
});

describe('a ratio as it is typed', () => {
  it.each([
    ['1:500', 500, 'in-total'],
    ['1 : 500', 500, 'in-total'],
    ['500', 500, 'in-total'],
    ['1+9', 9, 'plus-water'],
    ['2:1000', 500, 'in-total'],
    ['1 to 20', 20, 'plus-water'],
    ['1 in 20', 20, 'in-total'],
    ['1:2,5', 2.5, 'in-total'],
  ])('%s', (text, parts, style) => {
    expect(typedRatio(text)).toEqual({ parts, style });
  });

  it('refuses nought, and more stock than mix', () => {
    expect(typedRatio('1:0')).toMatchObject({ wrong: expect.stringMatching(/no nought/) as string });
    expect(typedRatio('500:1')).toMatchObject({ wrong: expect.stringMatching(/more stock than mix. Did you mean 1:500/) as string });
  });
});

describe('with what one has', () => {
  const words = (value: number, unit: string, tool: Parameters<typeof measureOut>[2]) => measureOut(value, unit, tool)[0]?.words;

  it('spoons, a syringe, a jug, a balance', () => {
    expect(words(1.25, 'mL', ['spoons'])).toBe('level: ¼ tsp');
    expect(words(22.18, 'mL', ['spoons'])).toBe('level: 1 tbsp + 1½ tsp');
    expect(words(118.3, 'mL', ['spoons'])).toBe('level: ½ cup');
    expect(words(6.7, 'mL', ['syringe'])).toBe('syringe: once full and once to 1.8 mL');
    expect(words(10, 'mL', ['syringe'])).toBe('syringe: 2 times full');
    expect(words(320, 'mL', ['jug'])).toBe('jug: to the 300 mL mark');
    expect(words(60, 'g', ['balance-1'])).toBe('balance: 60 g');
    expect(words(0.27, 'g', ['balance-1'])).toMatch(/too little for a balance to 1 g. It may be off by 100%: weigh ten times as much/);
  });

  it('says where a way misses by more than a tenth, and puts the closest first', () => {
    expect(words(1.67, 'mL', ['spoons'])).toMatch(/level: ¼ tsp, off by 26%. A syringe comes closer/);
    expect(measureOut(1.67, 'mL').map(({ tool }) => tool)).toEqual(['syringe', 'spoons']);
    expect(measureOut(3, 'h')).toEqual([]);
  });

  it('never says that it measured something far from what it measured', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 20_000, noNaN: true }), (volume) =>
        measureOut(volume, 'mL').every(({ off, words: said }) => off <= 0.1 || /off by|too little|less than/.test(said)),
      ),
    );
  });
});
