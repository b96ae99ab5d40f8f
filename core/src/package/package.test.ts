import { entryOf, itemAt } from '../invariant';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyPlan, emptyWriting, type Study } from '../model';
import { anyStudy } from '../anyStudy.fixture';
import { LATEST, studyOf } from '../testing';
import { describeProblem } from './Problem';
import { readPackage } from './readPackage';
import { writePackage } from './writePackage';
import { unzipPackage, zipPackage } from './zip';

const problemsOf = (files: Record<string, string>) => {
  const read = readPackage(files, LATEST);
  return 'problems' in read ? read.problems.map(describeProblem) : [];
};

describe('the open package', () => {
  it('write then read is the same study, for any study', () => {
    fc.assert(
      fc.property(anyStudy(), (study) => {
        expect(readPackage(writePackage(study), LATEST)).toMatchObject({ study });
      }),
      { numRuns: 200, seed: 7 },
    );
  });

  it('zipped and unzipped holds the same files, also inside a folder', () => {
    const files = writePackage(studyOf({ C: [1, 2], T: [3, 4] }));
    expect(unzipPackage(zipPackage(files))).toEqual({ files, pictures: new Map() });
    const inside = Object.fromEntries(Object.entries(files).map(([name, text]) => [`my bench/${name}`, text]));
    expect(unzipPackage(zipPackage(inside))).toEqual({ files, pictures: new Map() });
  });

  it('is a Frictionless tabular data package: profile, resources with schema and keys (Data Package specification, v1)', () => {
    const descriptor = JSON.parse(entryOf(writePackage(studyOf({ C: [1], T: [2] })), 'datapackage.json')) as {
      profile: string;
      resources: {
        name: string;
        path: string;
        schema: { fields: { name: string; type: string }[]; primaryKey: string; foreignKeys: unknown[] };
      }[];
      fern: { formatVersion: number };
    };
    expect(descriptor.profile).toBe('tabular-data-package');
    expect(descriptor.fern.formatVersion).toBe(1);
    expect(descriptor.resources.map(({ name, path }) => [name, path])).toEqual([
      ['arms', 'arms.csv'],
      ['units', 'units.csv'],
      ['measures', 'measures.csv'],
      ['observations', 'observations.csv'],
    ]);
    const observations = itemAt(descriptor.resources, 3).schema;
    expect(observations.primaryKey).toBe('id');
    expect(observations.foreignKeys).toContainEqual({ fields: 'replaces', reference: { resource: '', fields: 'id' } });
    expect(observations.fields.map((field) => field.type)).not.toContain('moment');
  });

  it('a reading of which there is no value has an empty cell, and one with the word null is read as such', () => {
    const study = studyOf({ C: [1, 2], T: [3, 4] });
    const [first, ...rest] = study.observations.map((seen, i) => (i === 0 ? { ...seen, value: null, absent: 'not-read' as const } : seen));
    const odd = { ...study, observations: [first, ...rest].flatMap((seen) => seen ?? []) };
    const files = writePackage(odd);
    expect(entryOf(files, 'observations.csv')).toContain(',2026-04-08,,,not-read,');
    expect(readPackage(files, LATEST)).toMatchObject({ study: odd });
    const older = entryOf(files, 'observations.csv').replace(',2026-04-08,,,not-read,', ',2026-04-08,,null,not-read,');
    expect(readPackage({ ...files, 'observations.csv': older }, LATEST)).toMatchObject({ study: odd });
  });

  it('reads what the format calls optional as its default', () => {
    const read = readPackage(
      {
        'datapackage.json': JSON.stringify({
          profile: 'tabular-data-package',
          name: 'plain',
          resources: [],
          fern: { formatVersion: 1, question: 'q', hypothesis: 'h', nullHypothesis: 'n' },
        }),
        'arms.csv': 'arm,name,role\nC,Control,control\nT,Treated,treatment\n',
        'units.csv': '\uFEFFunit,arm\r\nu1,C\r\nu2,T\r\n',
        'measures.csv': 'measure,name,kind,primary\nmass,Mass,harvest,true\n',
        'observations.csv': 'id,unit,measure,observed_on,value\no1,u1,mass,2026-04-01,12.5\n',
      },
      LATEST,
    );
    const { experiment, observations } = (read as { study: Study }).study;
    expect(experiment).toMatchObject({
      layout: 'completely-random',
      comparison: 'control',
      blinded: false,
      plan: emptyPlan,
      writing: emptyWriting,
    });
    expect(experiment.units[0]).toMatchObject({ status: 'active', sown: null });
    expect(experiment.measures[0]).toMatchObject({ higherIs: 'better', when: 'total', smallestDifference: null });
    expect(observations[0]).toMatchObject({ value: 12.5, source: 'hand', blinded: false, plant: null });
  });

  const good = writePackage(studyOf({ C: [1, 2], T: [3, 4] }));
  const change = (file: string, from: string | RegExp, to: string) => ({ ...good, [file]: entryOf(good, file).replace(from, to) });

  it.each<[string, Record<string, string>, string[]]>([
    [
      'every problem at once',
      { ...good, 'arms.csv': 'arm,name,role,dose\nC,Control,boss,many\n', 'units.csv': 'unit,arm\nu1,C\nu1,C\n' },
      [
        'arms.csv:2:role: "boss" is not one of control, treatment, reference',
        'arms.csv:2:dose: "many" is not a number, like 12.5',
        'units.csv:3:unit: "u1" already stands in row 2; expected each unit once',
      ],
    ],
    ['a row that is too short', change('units.csv', /\nC2,[^\r]*/, '\nC2,C'), ['units.csv:3:-: 2 cells; expected 11 as in the header']],
    [
      'a date that does not exist',
      change('observations.csv', ',2026-04-08', ',2026-02-30'),
      ['observations.csv:2:observed_on: "2026-02-30" is not a date or date-time, like 2026-04-14 or 2026-04-14T09:30:00Z'],
    ],
    [
      'a correction of itself',
      change('observations.csv', /hand,,\r/, 'hand,,height-C1-2026-04-08-\r'),
      ['observations.csv:2:replaces: A reading cannot correct itself. Name an earlier one.'],
    ],
    [
      'a future format',
      change('datapackage.json', '"formatVersion": 1', '"formatVersion": 2'),
      ['datapackage.json:-:fern.formatVersion: 2 is not a version that can be read; expected 1'],
    ],
    ['no JSON', { ...good, 'datapackage.json': 'hello' }, ['datapackage.json:-:-: is not JSON; expected a data package descriptor']],
    [
      'two primaries',
      change('measures.csv', /(height,)([^\r]*)\r\n/, '$1$2\r\nmass,$2\r\n'),
      ['measures.csv:3:primary: Only one measure can decide.'],
    ],
  ])('names %s, with file, row and column', (_, files, lines) => {
    expect(problemsOf(files)).toEqual(expect.arrayContaining(lines));
  });

  it('what a spreadsheet would run stands behind an apostrophe, and comes back as it was typed', () => {
    const study = studyOf({ C: [1, 2], T: [3, 4] });
    const typed = ['=1+1', '+4', '-2 cm', '@here', "'quoted", "'=x", '\tindented', 'plain', 'a=b'];
    const observations = typed.map((note, i) => ({ ...itemAt(study.observations, i % 4), id: `=id${i}`, note, measure: 'height' }));
    const odd = { ...study, observations: [...observations, ...study.observations] };
    const files = writePackage(odd);
    const cells = entryOf(files, 'observations.csv')
      .split(/[,\r\n]+/)
      .map((cell) => cell.replace(/^"/, ''));
    expect(cells.filter((cell) => /^[=+@\t]/.test(cell) || (/^-/.test(cell) && Number.isNaN(Number(cell))))).toEqual([]);
    expect(readPackage(files, LATEST)).toMatchObject({ study: odd });
    expect(writePackage(studyOf({ C: [-3], T: [4] }))['observations.csv']).toContain(',-3,');
  });

  it('a flipped bit anywhere in a zip is an error or changes nothing, and so is every cut', () => {
    const files = writePackage(studyOf({ C: [1, 2], T: [3, 4] }));
    const zip = zipPackage(files);
    for (let i = 0; i < zip.length; i += 5) {
      const bent = zip.slice();
      bent[i] = itemAt(bent, i) ^ 0x10;
      const read = unzipPackage(bent);
      if ('files' in read) expect(read.files, `bit of byte ${i}`).toEqual(files);
    }
    for (let length = 0; length < zip.length; length += 9)
      expect(unzipPackage(zip.slice(0, length)), `cut at ${length}`).toHaveProperty('problems');
  });

  it('a zip that lies about its sizes is stopped where the lie comes out', () => {
    const zip = zipPackage({ 'datapackage.json': '{}', 'units.csv': 'unit,arm\n'.repeat(50_000) });
    const view = new DataView(zip.buffer, zip.byteOffset, zip.byteLength);
    for (let at = 0; at + 46 < zip.length; at++) if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 2, true);
    expect(unzipPackage(zip)).toMatchObject({ problems: [{ message: expect.stringContaining('unpacks to more than it says') }] });
  });

  it('reads no further after 1,000,000 rows or 100 problems of a table', () => {
    const files = writePackage(studyOf({ C: [1, 2], T: [3, 4] }));
    const many = problemsOf({ ...files, 'units.csv': `${files['units.csv']}${'x,\r\n'.repeat(300_000)}` });
    expect(many.length).toBeGreaterThanOrEqual(100);
    expect(many.length).toBeLessThan(110);
    const [head] = entryOf(files, 'observations.csv').split('\r\n');
    const strangers = Array.from({ length: 5000 }, (_, i) => `s${i},X,,y,2026-04-04,1,,,false,hand,,`);
    expect(problemsOf({ ...files, 'observations.csv': [head, ...strangers, ''].join('\r\n') })).toHaveLength(100);
    const empty = problemsOf({ ...files, 'units.csv': `${files['units.csv']}${',\r\n'.repeat(1_000_010)}` });
    expect(empty[0]).toBe('units.csv:1000001:-: there are more than 1,000,000 rows; expected a smaller table');
  });

  it('refuses a zip that unpacks to more than 100 MB, and one without a descriptor', () => {
    expect(unzipPackage(zipPackage({ 'units.csv': 'unit,arm\n' }))).toMatchObject({
      problems: [{ message: 'holds no datapackage.json; expected one' }],
    });
    expect(unzipPackage(zipPackage({ 'datapackage.json': '{}', 'observations.csv': 'x'.repeat(101 * 1024 * 1024) }))).toMatchObject({
      problems: [{ message: expect.stringContaining('100 MB') }],
    });
  });
});
