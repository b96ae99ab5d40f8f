import { itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { fairTestAtOnce } from '../../plan/fairTest';
import { claimQuestion, openQuestions } from './claimSentences';
import { experimentFromClaim, type ClaimToTest } from './experimentFromClaim';
import { promisedMeasures } from './measures';
import { readClaim, type ReadClaim } from './readClaim';

interface Row {
  readonly plant?: string;
  readonly treatment?: string;
  readonly comparison?: string;
  readonly measure?: string;
  readonly direction?: NonNullable<ReadClaim['direction']>;
  readonly ratio?: number;
  readonly days?: number;
}

/** What is found in each claim; a part that is not named here is not found, and is asked for. */
const claims: readonly (readonly [string, Row])[] = [
  [
    'Soaking peas overnight doubles how many come up.',
    { plant: 'peas', treatment: 'Soaking peas overnight', measure: 'sprouts', direction: 'more', ratio: 2 },
  ],
  [
    'Watering tomatoes with cold tea makes them grow taller.',
    { plant: 'tomatoes', treatment: 'Watering tomatoes with cold tea', measure: 'height', direction: 'more' },
  ],
  [
    'Lettuce grows heavier under blue light than under white light.',
    { plant: 'lettuces', treatment: 'blue light', comparison: 'white light', measure: 'mass', direction: 'more' },
  ],
  ['Coffee grounds make roses flower more.', { plant: 'roses', treatment: 'Coffee grounds', measure: 'flowers', direction: 'more' }],
  [
    'If you talk to your ferns, they stay greener.',
    { plant: 'ferns', treatment: 'talk to your ferns', measure: 'leaf-colour', direction: 'more' },
  ],
  ['Eggshells keep slugs away from cabbages.', { plant: 'cabbages', treatment: 'Eggshells', measure: 'pests', direction: 'less' }],
  [
    'Potatoes planted in straw give three times the harvest.',
    { plant: 'potatoes', treatment: 'planted in straw', measure: 'harvest', direction: 'more', ratio: 3 },
  ],
  [
    'Carrots sown at new moon come up faster.',
    { plant: 'carrots', treatment: 'sown at new moon', measure: 'first-sprout', direction: 'more' },
  ],
  [
    'Basil cuttings root better in water than in compost.',
    { plant: 'basil', treatment: 'water', comparison: 'compost', measure: 'rooted', direction: 'more' },
  ],
  [
    'Copper wire in the pot makes chillies ripen two weeks earlier.',
    { plant: 'chillies', treatment: 'Copper wire in the pot', measure: 'ripe', direction: 'more' },
  ],
  ['Vinegar stops cress from sprouting.', { plant: 'cress', treatment: 'Vinegar', measure: 'sprouts', direction: 'less' }],
  [
    'Sunflowers grow 20 % taller with music.',
    { plant: 'sunflowers', treatment: 'music', measure: 'height', direction: 'more', ratio: 1.2 },
  ],
  [
    'Pinching out basil makes it bushier within four weeks.',
    { plant: 'basil', treatment: 'Pinching out basil', measure: 'leaves', direction: 'more', days: 28 },
  ],
  ['Milk prevents mildew on courgettes.', { plant: 'courgettes', treatment: 'Milk', measure: 'disease', direction: 'less' }],
  [
    'Feeding orchids with rice water makes them bloom sooner.',
    { plant: 'orchids', treatment: 'Feeding orchids with rice water', measure: 'first-flower', direction: 'more' },
  ],
  [
    'Garlic planted next to roses reduces aphids by half.',
    { plant: 'roses', treatment: 'Garlic planted next to roses', measure: 'pests', direction: 'less', ratio: 0.5 },
  ],
  [
    'Shade cloth keeps strawberries from wilting.',
    { plant: 'strawberries', treatment: 'Shade cloth', measure: 'wilting', direction: 'less' },
  ],
  ['A fan makes tomato seedlings shorter.', { plant: 'tomato seedlings', treatment: 'A fan', measure: 'height', direction: 'less' }],
  [
    'Chilling lavender seed for three weeks makes more of it germinate.',
    { plant: 'lavender', treatment: 'Chilling lavender seed for three weeks', measure: 'sprouts', direction: 'more' },
  ],
  ['Honey helps rosemary cuttings take root.', { plant: 'rosemary', treatment: 'Honey', measure: 'rooted', direction: 'more' }],
  [
    'Beans in clay pots yield less than beans in plastic pots.',
    { plant: 'beans', treatment: 'in clay pots', comparison: 'beans in plastic pots', measure: 'harvest', direction: 'less' },
  ],
  [
    'Watering from below instead of from above keeps African violets alive.',
    { plant: 'african violets', treatment: 'Watering from below', comparison: 'above', measure: 'alive', direction: 'more' },
  ],
  ['Trimming the roots makes lettuce smaller.', { plant: 'lettuces', treatment: 'Trimming the roots', measure: 'mass', direction: 'less' }],
  [
    'My neighbour says that nettle brew makes peppers produce twice the fruit.',
    { plant: 'peppers', treatment: 'nettle brew', measure: 'harvest', direction: 'more', ratio: 2 },
  ],
  ['Spinach grown in shade is greener.', { plant: 'spinach', treatment: 'grown in shade', measure: 'leaf-colour', direction: 'more' }],
  ['Mint needs more light to grow tall.', { plant: 'mint', treatment: 'more light', measure: 'height', direction: 'more' }],
  [
    'Nicking sweet pea seed speeds up germination.',
    { plant: 'sweet peas', treatment: 'Nicking sweet pea seed', measure: 'first-sprout', direction: 'more' },
  ],
  [
    'Aspirin in the water makes tulips last longer.',
    { plant: 'tulips', treatment: 'Aspirin in the water', measure: 'vase', direction: 'more' },
  ],
  [
    'Compost gives radishes five times the weight within 30 days.',
    { plant: 'radishes', treatment: 'Compost', measure: 'mass', direction: 'more', ratio: 5, days: 30 },
  ],
  ['Marigolds keep pests away from tomatoes.', { plant: 'tomatoes', treatment: 'Marigolds', measure: 'pests', direction: 'less' }],
  ['Sow broad beans in autumn.', { plant: 'broad beans', treatment: 'Sow broad beans in autumn' }],
  ['Plants love music.', { plant: 'plants', treatment: 'music' }],
  ['Everything grows better with worm castings.', { treatment: 'worm castings', direction: 'more' }],
  ['Epsom salt works wonders.', { treatment: 'Epsom salt', direction: 'more' }],
  ['Tap water harms plants.', { plant: 'plants', treatment: 'Tap water', direction: 'less' }],
  ['Does the moon matter?', { treatment: 'the moon', direction: 'different' }],
  ['Sugar water does nothing for wheat.', { plant: 'wheat', treatment: 'Sugar water', direction: 'different' }],
  [
    'Cold water slows sprouting of maize by 50 percent.',
    { plant: 'maize', treatment: 'Cold water', measure: 'first-sprout', direction: 'less', ratio: 0.5 },
  ],
  [
    'Zinnias deadheaded every week give more flowers in two months.',
    { plant: 'zinnias', treatment: 'deadheaded every week', measure: 'flowers', direction: 'more', days: 60 },
  ],
  ['Always water in the evening.', { treatment: 'water in the evening' }],
  [
    'Cucumbers taste sweeter when you feed them sugar.',
    { plant: 'cucumbers', treatment: 'feed them sugar', measure: 'flavour', direction: 'more' },
  ],
  ['Happy plants.', { plant: 'plants' }],
];

function found(text: string): Row {
  const { plant, treatment, comparison, measure, direction, size, days } = readClaim(text);
  const row = { plant, treatment, comparison, measure: measure?.id ?? null, direction, ratio: size?.ratio ?? null, days };
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null));
}

describe('a claim is taken apart', () => {
  it('there are at least forty of them', () => {
    expect(claims.length).toBeGreaterThanOrEqual(40);
  });

  it.each(claims)('%s', (text, row) => {
    expect(found(text)).toEqual(Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined)));
  });

  it.each(claims)('what is not found is asked for, not guessed: %s', (text) => {
    const claim = readClaim(text);
    for (const part of ['treatment', 'measure', 'direction'] as const) expect(claim.missing.includes(part)).toBe(claim[part] === null);
    expect(openQuestions(claim).map(({ part }) => part)).toEqual(claim.missing.filter((part) => part !== 'size' && part !== 'time'));
  });

  it('says which words no one could measure, and what to ask', () => {
    expect(readClaim('Plants love music.').vague[0]).toMatchObject({ word: 'love', ask: expect.stringContaining('two people') });
    expect(readClaim('Castings make lettuce grow better.').vague[0]).toMatchObject({
      word: 'better',
      ask: expect.stringContaining('taller, heavier'),
    });
    expect(readClaim('Soaked peas come up faster.').vague).toEqual([]);
  });

  it('a plant that can be many is asked about', () => {
    expect(openQuestions(readClaim('Music makes plants taller.'))[0]).toEqual({
      part: 'plant',
      ask: '“plants” can be many. Which one plant will you use?',
    });
  });

  it('lists what else it promises', () => {
    expect(readClaim('Seaweed makes beans taller, greener and gives more pods.').alsoPromised.map(({ id }) => id)).toEqual([
      'leaf-colour',
      'harvest',
    ]);
  });

  it('says nothing of an empty text, and survives odd ones', () => {
    expect(readClaim('').missing).toEqual(['plant', 'treatment', 'comparison', 'measure', 'direction', 'size', 'time']);
    for (const text of ['?!', 'x'.repeat(5000), '<b>(', '😀 plants']) expect(readClaim(text).text.length).toBeLessThanOrEqual(5000);
  });
});

describe('a claim becomes an experiment', () => {
  const settled = {
    plant: 'radishes',
    treatment: 'Compost in the mix',
    comparison: 'the plain mix',
    direction: 'more' as const,
  };

  it('with question, hypothesis and null, written from its plan', () => {
    const measures = ['mass', 'first-flower'].map((id) =>
      itemAt(
        promisedMeasures.filter((own) => own.id === id),
        0,
      ),
    );
    const made = (more: Partial<ClaimToTest>) =>
      experimentFromClaim(
        {
          ...settled,
          text: 'It does.',
          measure: itemAt(measures, 0),
          ratio: null,
          days: 30,
          alsoPromised: [],
          source: '',
          claimedMechanism: '',
          ...more,
        },
        { created: '2026-04-01', startOn: '2026-04-01', seed: 5 },
      );
    expect(made({ ratio: 5 })).toMatchObject({
      question: 'Does compost in the mix change the mass of radishes?',
      hypothesis:
        'For radishes, the shoot mass on day 30 will be higher with compost in the mix than with the plain mix (the claim: 5 times as much).',
      nullHypothesis: 'For radishes, the shoot mass on day 30 will be the same with compost in the mix as with the plain mix.',
    });
    expect(made({ treatment: 'sown deep', comparison: 'Without it' }).hypothesis).toContain('higher with being sown deep than without it.');
    expect(made({ treatment: 'bury a peel', direction: 'less', measure: itemAt(measures, 1), ratio: 2 }).hypothesis).toBe(
      'For radishes, the first flower will come sooner with burying a peel than with the plain mix (the claim: 0.5 times the days).',
    );
  });

  it.each([
    ['bury a banana peel under roses', 'Does burying a banana peel under roses change'],
    ['Coffee grounds', 'Do coffee grounds change'],
    ['sown at new moon', 'Does being sown at new moon change'],
    ['in clay pots', 'Does growing in clay pots change'],
    ['without a fan', 'Does growing without a fan change'],
    ['closer the lamp', 'Does a closer lamp change'],
    ['deeper you sow peas', 'Does sowing peas deeper change'],
    ['cold-treated', 'Does being cold-treated change'],
    ['basil next to tomatoes', 'Does basil next to tomatoes change'],
    ['Marigolds planted among beans', 'Do marigolds planted among beans change'],
    ['water lettuce at noon', 'Does watering lettuce at noon change'],
    ['Rooting powder is a waste of money', 'Does rooting powder change'],
    ['microwaved water', 'Does microwaved water change'],
  ])('asks in a sentence that is English: %s', (treatment, begins) => {
    expect(claimQuestion({ ...settled, treatment, measureId: 'mass' })).toBe(`${begins} the mass of radishes?`);
  });

  it('"twice as fast" is half the days, and "twice as long" in the vase twice the days', () => {
    const begin = { created: '2026-04-01', startOn: '2026-04-01', seed: 5 };
    const ratioOf = (id: string) =>
      promisedMeasures.flatMap((measure) =>
        measure.id === id
          ? [
              experimentFromClaim(
                { ...settled, text: 'It does.', measure, ratio: 2, days: null, alsoPromised: [], source: '', claimedMechanism: '' },
                begin,
              ).claimedRatio,
            ]
          : [],
      );
    expect([ratioOf('first-sprout'), ratioOf('vase'), ratioOf('mass')]).toEqual([[0.5], [2], [2]]);
  });

  it.each(promisedMeasures.map((measure) => [measure.id, measure] as const))('that has nothing serious against it: %s', (_, measure) => {
    const experiment = experimentFromClaim(
      {
        ...settled,
        text: 'Compost gives radishes five times the weight.',
        measure,
        ratio: 5,
        days: 30,
        alsoPromised: ['taste'],
        source: 'a neighbour',
        claimedMechanism: 'it feeds them',
      },
      { created: '2026-04-01', startOn: '2026-04-01', seed: 5 },
    );
    expect(fairTestAtOnce(experiment).filter(({ severity }) => severity === 'blocker' || severity === 'serious')).toEqual([]);
    expect(experiment).toMatchObject({
      claimedRatio: ['first-sprout', 'first-flower', 'ripe'].includes(measure.id) ? 0.2 : 5,
      claim: 'Compost gives radishes five times the weight.',
      plan: { claimSource: 'a neighbour', claimedMechanism: 'it feeds them' },
    });
    // What water a thing holds is weighed on the day.
    expect(Math.max(...itemAt(experiment.measures, 0).readingDays)).toBe(measure.id === 'held' ? 0 : 30);
    expect(experiment.plan.notTested).toEqual(['taste']);
  });
});
