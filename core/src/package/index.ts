export { packagesIn, zipBundle } from './bundle';
export { describeProblem, type Problem } from './Problem';
export { readPackage, type PackageFiles, type ReadResult } from './readPackage';
export { writePackage } from './writePackage';
export { unzipPackage, zipPackage, type Pictures } from './zip';
export { missingPictures } from './missingPictures';
export { zipEntries } from './zipEntries';
export * from './readingsCsv';
export * from './readingsTable';
