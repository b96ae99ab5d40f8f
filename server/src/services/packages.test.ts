import { describe, expect, it } from 'vitest';
import { writePackage, zipPackage } from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { ProblemError } from '../ProblemError';
import { packStudy, unpackStudy } from './packages';

const studies = demoExperiments.map(({ demo }) => [demo.title, demoStudy(demo, '2026-04-14')] as const);

/** What is said when bytes are unpacked. */
function said(bytes: Uint8Array): ProblemError['problem'] {
  try {
    unpackStudy(bytes);
  } catch (error) {
    if (error instanceof ProblemError) return error.problem;
    throw error;
  }
  throw new Error('nothing was said');
}

describe('a package that goes out and comes in', () => {
  it.each(studies)('holds the same study: %s', (_, study) => {
    expect(unpackStudy(packStudy(study))).toEqual(study);
  });

  it('of the same study has the same bytes', () => {
    const [, study] = studies[0];
    expect(packStudy(study)).toEqual(packStudy(study));
  });
});

describe('a package that cannot be kept', () => {
  const [, study] = studies[5];
  const files = writePackage(study);

  it('names every problem, with file, row and column', () => {
    const { status, detail, errors } = said(
      zipPackage({ ...files, 'units.csv': files['units.csv'].replace('D01,', 'D01 !,').replace(/,active/g, ',gone') }),
    );
    expect(status).toBe(422);
    expect(detail).toContain('Nothing was stored');
    expect(errors?.length).toBeGreaterThan(10);
    expect(errors?.[0].detail).toMatch(/^units\.csv:2:status: "gone" is not one of active, lost, excluded, ended$/);
  });

  it('is refused where it reads well but breaks the app’s own bounds', () => {
    const long = { ...study, experiment: { ...study.experiment, title: 'x'.repeat(300) } };
    expect(said(packStudy(long)).errors?.[0]).toMatchObject({
      pointer: '/datapackage.json/title',
      detail: 'This is too long: at most 200 characters.',
    });
  });

  it('may be empty, cut short, or no package at all', () => {
    expect(said(new Uint8Array()).detail).toMatch(/empty/);
    expect(said(packStudy(study).slice(0, 200)).detail).toMatch(/not a \.zip/);
    expect(said(zipPackage({ 'readme.csv': 'hello' })).detail).toMatch(/no datapackage\.json/);
  });
});
