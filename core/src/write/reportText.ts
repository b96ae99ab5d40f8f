import { sentenceText } from '../model/Sentence';
import { NOT_WRITTEN, type Block } from './Block';

/**
 * Every word of a report in the order in which it is read, a piece a line: what every renderer must show.
 * @param blocks of a report
 * @returns lines of text
 */
export function reportText(blocks: readonly Block[]): string[] {
  return blocks.flatMap((block): string[] => {
    switch (block.kind) {
      case 'heading':
        return [block.text];
      case 'paragraph':
        return [sentenceText(block.text)];
      case 'list':
        return block.items.map(sentenceText);
      case 'table':
        return [block.caption, ...block.head, ...block.rows.flat()];
      case 'figure':
        return [block.caption];
      case 'bench':
        return [...block.rows.flat(), block.caption];
      case 'photos':
        return block.photos.map(({ caption }) => caption);
      case 'caution':
        return [block.text];
      case 'own':
        return [
          ...(block.lines.length === 0 ? [NOT_WRITTEN] : block.lines.map(sentenceText)),
          ...[...block.reason, ...block.source].map(sentenceText),
        ];
    }
  });
}
