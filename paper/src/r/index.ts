import text from './figures.R?raw';

/** A script for R that reads a package and reckons every figure of its result anew. */
export const rScript: string = text;
