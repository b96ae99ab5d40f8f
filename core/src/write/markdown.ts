import type { Picture } from '../weigh/picture/Picture';
import { photoPath } from '../model';
import { sentenceText, type Sentence } from '../model/Sentence';
import type { Block } from './Block';

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
      return figure(block.picture);
    case 'bench':
      return `${block.rows.map((row) => `    ${row.join('   ')}`).join('\n')}\n\n*${escape(block.caption)}*`;
    case 'photos':
      return block.photos.map(({ file, caption }) => `![${escape(caption)}](${photoPath(file)})`).join('\n\n');
    case 'caution':
      return `> **Take care.** ${escape(block.text)}`;
    case 'own':
      return block.text.trim() === '' ? '*Not written yet.*' : block.text;
  }
}

function sentence(pieces: Sentence): string {
  return escape(sentenceText(pieces));
}

function table(head: readonly string[], rows: readonly (readonly string[])[], numbersFrom: number): string {
  const line = (cells: readonly string[]) => `| ${cells.map((cell) => escape(cell).replaceAll('|', '\\|')).join(' | ')} |`;
  return [line(head), `| ${head.map((_, i) => (i < numbersFrom ? '---' : '---:')).join(' | ')} |`, ...rows.map(line)].join('\n');
}

function figure({ title, note, table: { head, rows, numbersFrom } }: Picture): string {
  return `**${escape(title)}**\n\n${table(head, rows, numbersFrom)}\n\n*${escape(note)}*`;
}

/** Keeps what a person typed from turning into Markdown signs. */
function escape(text: string): string {
  return text.replace(/([\\`*_[\]<>#])/g, '\\$1');
}
