import { describeProblem, readPackage, unzipPackage, writePackage, zipPackage, type PackageFiles, type Study } from '@fern/core';
import { experimentSchema, fieldErrors } from '@fern/contract';
import { ProblemError } from '../ProblemError';

/** A study as the open package in one .zip. */
export function packStudy(study: Study): Uint8Array {
  return zipPackage(writePackage(study));
}

/** Reads an uploaded package; every problem is named with file, row and column, and then nothing is kept. */
export function unpackStudy(bytes: Uint8Array): Study {
  const unzipped = unzipPackage(bytes);
  if ('problems' in unzipped) throw packageProblem(unzipped.problems);
  return studyFromFiles(unzipped.files);
}

function studyFromFiles(files: PackageFiles): Study {
  const read = readPackage(files);
  if ('problems' in read) throw packageProblem(read.problems);
  const { error } = experimentSchema.validate(read.study.experiment, { abortEarly: false });
  if (error)
    throw new ProblemError(422, `The package holds an experiment that cannot be kept: ${error.details[0].message}`, fieldErrors(error));
  return read.study;
}

type Problem = Parameters<typeof describeProblem>[0];

/** Each problem with its place in the package: `/units.csv/3/arm`. */
function packageProblem(problems: readonly Problem[]): ProblemError {
  const [first] = problems;
  return new ProblemError(
    422,
    `The package cannot be read: ${describeProblem(first)}${problems.length > 1 ? ` (and ${problems.length - 1} more)` : ''}. Nothing was stored.`,
    problems.slice(0, 100).map((problem) => ({
      pointer: [problem.file, problem.row, problem.column].map((part) => (part === null ? '' : `/${part}`)).join(''),
      detail: describeProblem(problem),
    })),
  );
}
