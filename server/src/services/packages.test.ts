import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { changeSchema } from '@fern/contract';
import { blankOf, incidentFields, writePackage, zipPackage, type Study, itemAt, entryOf } from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { pixel } from '../routeFixtures';
import { ProblemError } from '../ProblemError';
import { zipStudy, unzipStudy } from './packages';

/** As it goes out, each photo with a picture. */
const pack = (own: Study) => zipStudy(own, new Map(own.photos.map(({ file }) => [file, pixel])));

const studies = demoExperiments.map(({ demo }) => [demo.title, demoStudy(demo, '2026-04-14')] as const);

/** What is said when bytes are unpacked. */
function said(bytes: Uint8Array): ProblemError['problem'] {
  try {
    unzipStudy(bytes);
  } catch (error) {
    if (error instanceof ProblemError) return error.problem;
    throw error;
  }
  throw new Error('nothing was said');
}

describe('a package that goes out and comes in', () => {
  it.each(studies)('holds the same study: %s', (_, study) => {
    expect(unzipStudy(pack(study)).study).toEqual(study);
  });

  it('of the same study has the same bytes', () => {
    const [, study] = itemAt(studies, 0);
    expect(pack(study)).toEqual(pack(study));
  });
});

describe('a package that cannot be kept', () => {
  const [, study] = itemAt(studies, 5);
  const files = writePackage(study);

  it('names every problem, with file, row and column', () => {
    const { status, detail, errors } = said(
      zipPackage({
        ...files,
        'units.csv': entryOf(files, 'units.csv')
          .replace('D01,', 'D01 !,')
          .replace(/,active/g, ',gone'),
      }),
    );
    expect(status).toBe(422);
    expect(detail).toContain('Nothing was stored');
    expect(errors?.length).toBeGreaterThan(10);
    expect(errors?.[0]?.detail).toMatch(/^units\.csv:2:status: "gone" is not one of active, lost, excluded, ended$/);
  });

  it('is refused where it reads well but breaks the app’s own bounds', () => {
    const long = { ...study, experiment: { ...study.experiment, title: 'x'.repeat(300) } };
    expect(said(pack(long)).errors?.[0]).toMatchObject({
      pointer: '/datapackage.json/title',
      detail: 'This is too long: at most 200 characters.',
    });
  });

  it('may be empty, cut short, or no package at all', () => {
    expect(said(new Uint8Array()).detail).toMatch(/empty/);
    expect(said(pack(study).slice(0, 200)).detail).toMatch(/not a \.zip/);
    expect(said(zipPackage({ 'readme.csv': 'hello' })).detail).toMatch(/no datapackage\.json/);
  });
});

describe('what a package may bring', () => {
  const [, study] = itemAt(studies, 5);
  const odd = fc.oneof(
    fc.constantFrom(
      ' D01',
      'D 01',
      'D01 ',
      '',
      '=1+1',
      "'x",
      '\ud800',
      'a\u0000b',
      'x'.repeat(100_000),
      'constructor',
      '__proto__',
      '9999-12-31',
      '0000-00-00',
    ),
    fc.constantFrom('2026-04-08T08:00:00Z', 'é́', '🌱', 'a\nb', 'a\r\nb', '"', ',', ';', '\t', '-0', '1e999', 'NaN'),
    fc.string({ unit: 'binary', maxLength: 12 }),
  );
  const where = fc.constantFrom(
    ...(['unit', 'arm', 'block', 'container', 'lot', 'statusReason', 'startedOn'] as const).map((field) => ['units', field] as const),
    ...(['id', 'unit', 'plant', 'measure', 'observedOn', 'category', 'observer', 'note', 'replaces'] as const).map(
      (field) => ['observations', field] as const,
    ),
    ...(['id', 'on', 'arms', 'units', 'note'] as const).map((field) => ['incidents', field] as const),
    ...(['title', 'question', 'hypothesis', 'startedOn', 'created', 'name'] as const).map((field) => ['experiment', field] as const),
  );

  it('can be saved as it came and exported again as the same, or is refused', () => {
    let kept = 0;
    fc.assert(
      fc.property(where, odd, fc.nat(), ([table, field], value, at) => {
        const bent = structuredClone(study) as unknown as Record<string, Record<string, unknown>[]> & {
          experiment: Record<string, unknown>;
        };
        const units = bent.experiment.units as Record<string, unknown>[];
        const rows: Record<string, unknown>[] =
          table === 'experiment' ? [bent.experiment] : table === 'units' ? units : (entryOf(bent, table) as Record<string, unknown>[]);
        if (rows.length === 0) return;
        itemAt(rows, at % rows.length)[field] = field === 'arms' || field === 'units' ? [value] : value;
        let read: Study;
        try {
          read = unzipStudy(pack(bent as unknown as Study)).study;
        } catch (error) {
          if (!(error instanceof ProblemError)) throw error;
          expect(error.problem.errors?.[0]?.pointer).toMatch(/^\//);
          return;
        }
        kept++;
        const { error } = changeSchema.validate({ version: 1, experiment: read.experiment }, { convert: false });
        expect(error?.message).toBeUndefined();
        expect(unzipStudy(pack(read)).study).toEqual(read);
      }),
      { numRuns: 120, seed: 8 },
    );
    expect(kept).toBeGreaterThan(10);
  });

  it.each([
    ['an event of an arm that is not there', { arms: ['Q'], units: [] }],
    ['an event of a unit that is not there', { arms: [], units: ['Q99'] }],
    ['an event that mends none', { replaces: 'Q' }],
  ])('%s is refused', (_, more) => {
    const event = { ...blankOf(incidentFields), id: 'e', on: '2026-04-08', kind: 'other' as const, ...more };
    expect(said(pack({ ...study, incidents: [event] })).detail).toMatch(/Q/);
  });
});
