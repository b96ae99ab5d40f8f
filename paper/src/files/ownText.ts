import { NOT_WRITTEN, sentenceText, type Own } from '@fern/core';

/** The writer's part as paragraphs, each with the word that stands before it. */
export function ownParagraphs({
  lines,
  reason,
  source,
}: Own): readonly { readonly label: string; readonly text: string; readonly open: boolean }[] {
  const labelled = (label: string, words: Own['reason']) =>
    words.map((line, i) => ({ label: i === 0 ? label : '', text: sentenceText(line), open: false }));
  const own = lines.length === 0 ? [{ label: '', text: NOT_WRITTEN, open: true }] : labelled('', lines);
  return [...own, ...labelled('Because: ', reason), ...labelled('Source: ', source)];
}
