/**
 * A name in a row of names: one with a comma in it would read as two.
 * @param name of an arm
 * @returns in quotes where it needs them
 * @example inRow('seaweed, 1 : 500') // '“seaweed, 1 : 500”'
 */
export const inRow = (name: string): string => (name.includes(',') ? `“${name}”` : name);
