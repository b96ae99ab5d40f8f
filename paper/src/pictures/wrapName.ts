/**
 * A long name in lines.
 * @param letters about so many a line
 * @param most lines; what is left over ends in an ellipsis
 */
export function wrapName(name: string, letters = 18, most = 3): string[] {
  const lines: string[] = [''];
  for (const word of name.split(' ')) {
    const last = lines[lines.length - 1];
    if (last !== '' && last.length + word.length >= letters) lines.push(word);
    else lines[lines.length - 1] = last === '' ? word : `${last} ${word}`;
  }
  const shown = lines.map((line) => (line.length > letters + 4 ? `${line.slice(0, letters + 3)}…` : line));
  return shown.length > most ? [...shown.slice(0, most - 1), `${shown[most - 1]} …`] : shown;
}
