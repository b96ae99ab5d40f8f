import { describe, expect, it } from 'vitest';
import { blankOf, stageFields, emptyPlan, emptyWriting } from '../model';
import { describeProblem } from './Problem';
import { readDescriptor } from './readDescriptor';

const fern = { formatVersion: 1, question: 'q', hypothesis: 'h', nullHypothesis: 'n' };
const read = (more: object = {}, whole: object = {}) =>
  readDescriptor(JSON.stringify({ name: 'cress', ...whole, fern: { ...fern, ...more } }));
const lines = (more: object, whole: object = {}) => read(more, whole).problems.map(describeProblem);

describe('the descriptor', () => {
  it('takes the name for a title and the empty plan and words for what is not there', () => {
    const { experiment, problems } = read();
    expect(problems).toEqual([]);
    expect(experiment).toMatchObject({ name: 'cress', title: 'cress', question: 'q', plan: emptyPlan, writing: emptyWriting, claim: null });
  });

  it('reads with or without a byte order mark', () => {
    expect(readDescriptor(`\uFEFF${JSON.stringify({ name: 'cress', fern })}`).problems).toEqual([]);
  });

  it.each<[string, string | undefined, string]>([
    ['missing', undefined, 'the file is missing; expected a folder or zip that holds it'],
    ['not JSON', '{', 'is not JSON; expected a data package descriptor'],
    ['a list', '[]', 'is not a JSON object; expected a data package descriptor'],
    ['no fern in it', '{}', 'has no "fern" object; expected formatVersion, question, hypothesis and nullHypothesis in it'],
  ])('is refused when %s', (_, json, message) => {
    expect(readDescriptor(json)).toEqual({
      experiment: null,
      paths: {},
      problems: [{ file: 'datapackage.json', row: null, column: null, message }],
    });
  });

  it.each<[string, object, object, string]>([
    ['a question that is a number', { question: 5 }, {}, 'fern.question: 5 is not text; expected text'],
    ['an unknown layout', { layout: 'rings' }, {}, 'fern.layout: "rings" is not completely-random, blocks or pairs'],
    ['an unknown comparison', { comparison: 'best' }, {}, 'fern.comparison: "best" is not control or all-pairs'],
    ['a blinding that is a word', { blinded: 'yes' }, {}, 'fern.blinded: "yes" is not true or false'],
    ['a claimed ratio of nothing', { claimedRatio: 0 }, {}, 'fern.claimedRatio: 0 is not a number above 0'],
    ['a start in a thirteenth month', { startedOn: '2026-13-01' }, {}, 'fern.startedOn: "2026-13-01" is not a date, like 2026-04-14'],
    ['resources that are a word', {}, { resources: 'four' }, 'resources: is not a list; expected one resource a table'],
    ['a resource without a path', {}, { resources: [{ name: 'arms' }] }, 'resources[0]: has no name or path; expected both as text'],
  ])('names %s', (_, more, whole, line) => {
    expect(lines(more, whole)).toEqual([`datapackage.json:-:${line}`]);
  });

  it('names everything wrong at once', () => {
    expect(lines({ formatVersion: '1', question: ['q'], layout: 7 })).toEqual([
      'datapackage.json:-:fern.formatVersion: "1" is not a version that can be read; expected 1',
      'datapackage.json:-:fern.question: ["q"] is not text; expected text',
      'datapackage.json:-:fern.layout: 7 is not completely-random, blocks or pairs',
    ]);
  });

  it('follows the path of a table and leaves resources that are not its own', () => {
    const resources = [
      { name: 'arms', path: 'data/arms.csv' },
      { name: 'weather', path: 'weather.csv' },
    ];
    expect(read({}, { resources }).paths).toEqual({ arms: 'data/arms.csv' });
  });

  it('keeps what fits of a plan and leaves the rest as in the empty plan', () => {
    const { experiment, problems } = read({
      plan: {
        plant: 'cress',
        unitWord: 3,
        shuffleSeed: '12',
        spreadGuess: 4.5,
        steps: ['fill', 7, 'sow'],
        kept: [{ what: 'light', how: 'one lamp' }, 'water'],
        bench: [{ name: 'shelf', rows: 2, columns: 6, light: 'moon' }],
        stages: [{ name: 'soaking', kind: 'swim', arms: ['T', null], hours: 8, tested: 1 }],
        controlBars: [{ measure: 'sprouted', least: 0.8 }],
        frozenOn: 'yesterday',
      },
    });
    expect(problems).toEqual([]);
    expect(experiment?.plan).toEqual({
      ...emptyPlan,
      plant: 'cress',
      spreadGuess: 4.5,
      steps: ['fill', 'sow'],
      kept: [{ what: 'light', how: 'one lamp' }],
      bench: [{ name: 'shelf', kind: 'shelf', rows: 2, columns: 6, light: 'none' }],
      stages: [{ ...blankOf(stageFields), name: 'soaking', arms: ['T'], hours: 8 }],
      controlLimits: [{ measure: 'sprouted', arm: null, least: 0.8, most: null }],
    });
  });
});
