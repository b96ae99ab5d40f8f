import text from './figures.R?raw';

/** A script for R that reads a package and recalculates every figure of its result. */
export const rScript: string = text;
