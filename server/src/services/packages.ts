import type { Schema } from 'joi';
import {
  describeProblem,
  latestAnywhere,
  missingPictures,
  packagesIn,
  readPackage,
  unzipPackage,
  writePackage,
  zipPackage,
  type PackageFiles,
  type Pictures,
  type Problem,
  type Study,
  itemAt,
} from '@fern/core';
import { careSchema, experimentSchema, fieldErrors, incidentSchema, observationSchema, photoSchema, type FieldError } from '@fern/contract';
import { ProblemError } from '../ProblemError';

/** A study with its pictures, and what in it somebody should look at again. */
export interface Packed {
  readonly study: Study;
  readonly pictures: Pictures;
  readonly asked: readonly FieldError[];
}

/** More places than this nobody reads one by one. */
const MOST_LISTED = 100;

/** A study as the open package in one .zip. */
export function zipStudy(study: Study, pictures: Pictures = new Map()): Uint8Array {
  return zipPackage(writePackage(study), pictures);
}

/** Reads an uploaded package, or a bundle of packages: all of them, or none. */
export function unzipStudies(bytes: Uint8Array): Packed[] {
  return packagesIn(bytes)?.map((inside) => unzipStudy(inside.bytes, inside.name)) ?? [unzipStudy(bytes)];
}

/** Reads one package; every problem is named with file, row and column, and then nothing is kept. */
export function unzipStudy(bytes: Uint8Array, name?: string): Packed {
  const unzipped = unzipPackage(bytes, name);
  if ('problems' in unzipped) throw packageProblem(unzipped.problems);
  const { files, pictures } = unzipped;
  const { study, asked } = studyFromFiles(files);
  const missing = missingPictures(study, (file) => pictures.has(file));
  if (missing.length > 0) throw packageProblem(missing);
  const known = new Set(study.photos.map(({ file }) => file));
  return { study, pictures: new Map([...pictures].filter(([file]) => known.has(file))), asked };
}

function studyFromFiles(files: PackageFiles): Pick<Packed, 'study' | 'asked'> {
  const read = readPackage(files, latestAnywhere(new Date()));
  if ('problems' in read) throw packageProblem(read.problems);
  const { experiment, observations, incidents, care, photos } = read.study;
  // What could not be typed here cannot come in another way either.
  const study = {
    experiment: checked(experimentSchema, experiment, 'datapackage.json'),
    observations: observations.map((seen, i) => checked(observationSchema, seen, `observations.csv/${i + 1}`)),
    incidents: incidents.map((event, i) => checked(incidentSchema, event, `events.csv/${i + 1}`)),
    care: care.map((given, i) => checked(careSchema, given, `care.csv/${i + 1}`)),
    photos: photos.map((photo, i) => checked(photoSchema, photo, `photos.csv/${i + 1}`)),
  };
  return { study, asked: read.asked.slice(0, MOST_LISTED).map(placed) };
}

/** As it is stored: a title without the blanks around it. */
function checked<T>(schema: Schema<T>, value: T, place: string): T {
  const result = schema.validate(value, { abortEarly: false });
  if (!result.error) return result.value;
  throw new ProblemError(
    422,
    `The package holds what cannot be kept: ${itemAt(result.error.details, 0).message} (${place}). Nothing was stored.`,
    fieldErrors(result.error)
      .map(({ pointer, detail }) => ({ pointer: `/${place}${pointer}`, detail }))
      .slice(0, MOST_LISTED),
  );
}

/** Each with its place in the package: `/units.csv/3/arm`. */
function packageProblem(problems: readonly Problem[]): ProblemError {
  const first = itemAt(problems, 0);
  return new ProblemError(
    422,
    `The package cannot be read: ${describeProblem(first)}${problems.length > 1 ? ` (and ${problems.length - 1} more)` : ''}. Nothing was stored.`,
    problems.slice(0, MOST_LISTED).map(placed),
  );
}

const placed = (problem: Problem): FieldError => ({
  pointer: [problem.file, problem.row, problem.column].map((part) => (part === null ? '' : `/${part}`)).join(''),
  detail: describeProblem(problem),
});
