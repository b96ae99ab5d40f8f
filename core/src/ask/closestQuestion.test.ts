import { describe, expect, it } from 'vitest';
import { readClaim } from './claim/readClaim';
import { closestQuestion } from './closestQuestion';
import { questions } from './questions/index';

function nearestTo(text: string) {
  const { plant, treatment, measure } = readClaim(text);
  return closestQuestion(questions, { plant, treatment, measureName: measure?.name ?? null });
}

describe('the ready-made question nearest to a claim', () => {
  it.each([
    ['Coffee grounds make tomatoes ripen twice as fast', 'kitchen-tonic'],
    ['My grandfather always said that beans sown at full moon come up sooner', 'moon-or-date'],
    ['Do peas that were soaked overnight sprout faster than dry ones?', 'soak-or-dry'],
    ['Loud music negatively affects the height of beans', 'music-or-speech'],
    ['Copper wire makes carrots 30 % heavier', 'metal-coils'],
    ['Honey helps mint cuttings take root', 'rooting-aid'],
    ['Blue light, not red, keeps lettuce short', 'light-colour'],
    ['Marigolds keep pests away from tomatoes', 'companion-plant'],
    ['Horse manure gives pumpkins five times the weight', 'suspect-compost'],
    ['Nicking sweet pea seeds triples how many germinate', 'hard-coat'],
    ['The deeper you sow peas the fewer come up', 'sowing-depth'],
  ])('%s', (claim, id) => {
    expect(nearestTo(claim)?.question.id).toBe(id);
  });

  it.each(['Whispering makes radishes heavier', 'Happy plants.', 'Deadheading petunias makes them bloom all summer'])(
    'is none: %s',
    (claim) => {
      expect(nearestTo(claim)).toBeNull();
    },
  );

  it('says what of the claim it keeps, and what is to be looked at again', () => {
    const near = nearestTo('Talking to basil makes it grow taller');
    expect(near).toMatchObject({
      question: { id: 'music-or-speech' },
      kept: ['the plant, basil', 'what is measured, height'],
      lost: ['what is done, “Talking to basil”'],
    });
  });
});

describe('who says so', () => {
  it.each([
    ['My neighbour swears that tea feeds ferns', 'My neighbour'],
    ['According to my grandmother, onions sown late do not bolt', 'my grandmother'],
    ['A friend told me eggshells around cabbages keep slugs away', 'A friend'],
    ['They say tea feeds ferns', null],
    ['Is it true that talking to basil makes it grow taller?', null],
    ['It is said that copper wire makes carrots heavier', null],
    ['I heard that cinnamon stops mould on cress', null],
    ['Tea feeds ferns', null],
  ])('%s', (claim, who) => {
    expect(readClaim(claim).who).toBe(who);
  });
});
