import { lastOf } from '@fern/core';

/**
 * A long name on one line: its beginning and its end, by which like names are told apart.
 * @param letters at the most
 */
export function shorten(name: string, letters: number): string {
  if (name.length <= letters) return name;
  const tail = Math.floor((letters - 3) * 0.4);
  return `${name.slice(0, letters - 3 - tail).trimEnd()} … ${name.slice(name.length - tail).trimStart()}`;
}

/**
 * A long name in lines; where they are too many the middle is left out, so that like names are still told apart.
 * @param letters about so many a line
 * @param most lines
 */
export function wrapName(name: string, letters = 18, most = 3): string[] {
  const lines: string[] = [''];
  for (const word of name.split(' ')) {
    const last = lastOf(lines);
    if (last !== '' && last.length + word.length >= letters) lines.push(word);
    else lines[lines.length - 1] = last === '' ? word : `${last} ${word}`;
  }
  const shown = lines.map((line) => shorten(line, letters + 4));
  return shown.length > most ? [...shown.slice(0, most - 1), `… ${shown[shown.length - 1]}`] : shown;
}
