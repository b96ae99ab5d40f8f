import type { Picture } from '../weigh/picture/Picture';
import { photoPath } from '../model';
import { sentenceText, type Sentence } from '../model/Sentence';
import { NOT_WRITTEN, type Block, type Own } from './Block';

/**
 * A report as Markdown (CommonMark with pipe tables); pictures become the tables that they were drawn from.
 * @param blocks of a report
 * @returns text with a final line break
 */
export function markdown(blocks: readonly Block[]): string {
  return `${blocks
    .map(blockText)
    .filter((text) => text !== '')
    .join('\n\n')}\n`;
}

function blockText(block: Block): string {
  switch (block.kind) {
    case 'heading':
      return `${'#'.repeat(block.level)} ${escape(block.text)}`;
    case 'paragraph':
      return sentence(block.text);
    case 'list':
      return block.items.map((item, i) => `${block.ordered ? `${i + 1}.` : '-'} ${sentence(item)}`).join('\n');
    case 'table':
      return `${table(block.head, block.rows, block.numbersFrom)}\n\n*${escape(block.caption)}*`;
    case 'figure':
      return figure(block.picture, block.caption);
    case 'bench':
      return `${block.rows.map((row) => `    ${row.join('   ')}`).join('\n')}\n\n*${escape(block.caption)}*`;
    case 'photos':
      return block.photos.map(({ file, caption }) => `![${escape(caption)}](${photoPath(file)})`).join('\n\n');
    case 'caution':
      return `> **Take care.** ${escape(block.text)}`;
    case 'own':
      return own(block);
  }
}

/** What a person typed stands as typed: a line of theirs that begins with "+" or "1." is no list. */
function own({ lines, reason, source }: Own): string {
  const said = (label: string, words: readonly Sentence[]) => (words.length === 0 ? [] : [`${label}: ${words.map(sentence).join(' ')}`]);
  const written = lines.length === 0 ? [`*${NOT_WRITTEN}*`] : lines.map(sentence);
  return [...written, ...said('Because', reason), ...said('Source', source)].join('\n\n');
}

function sentence(pieces: Sentence): string {
  return escape(sentenceText(pieces));
}

function table(head: readonly string[], rows: readonly (readonly string[])[], numbersFrom: number): string {
  const line = (cells: readonly string[]) => `| ${cells.map((cell) => escape(cell)).join(' | ')} |`;
  return [line(head), `| ${head.map((_, i) => (i < numbersFrom ? '---' : '---:')).join(' | ')} |`, ...rows.map(line)].join('\n');
}

function figure({ table: { head, rows, numbersFrom } }: Picture, caption: string): string {
  return `${table(head, rows, numbersFrom)}\n\n*${escape(caption)}*`;
}

/** Keeps what a person typed from turning into Markdown signs, also where a line begins with what would make it a list or a rule. */
function escape(text: string): string {
  return text
    .replace(/\s+/g, ' ')
    .trimStart()
    .replace(/([\\`*_[\]<>#&|~])/g, '\\$1')
    .replace(/^(?=[-+](\s|$)|=+\s*$|-+\s*$)/, '\\')
    .replace(/^(\d{1,9})(?=[.)](\s|$))/, '$1\\');
}
