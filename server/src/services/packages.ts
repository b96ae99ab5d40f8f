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
  if ('problems' in unzipped) throw packageProblem(unzipped.problems.map(describeProblem));
  return studyFromFiles(unzipped.files);
}

function studyFromFiles(files: PackageFiles): Study {
  const read = readPackage(files);
  if ('problems' in read) throw packageProblem(read.problems.map(describeProblem));
  const { error } = experimentSchema.validate(read.study.experiment, { abortEarly: false });
  if (error)
    throw new ProblemError(422, `The package holds an experiment that cannot be kept: ${error.details[0].message}`, fieldErrors(error));
  return read.study;
}

function packageProblem(lines: readonly string[]): ProblemError {
  return new ProblemError(
    422,
    `The package cannot be read: ${lines[0]}${lines.length > 1 ? ` (and ${lines.length - 1} more)` : ''}. Nothing was stored.`,
    lines.slice(0, 100).map((detail) => ({ pointer: '', detail })),
  );
}
