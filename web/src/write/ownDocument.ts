import { Node, type JSONContent } from '@tiptap/core';
import type { Node as DocumentNode } from '@tiptap/pm/model';
import { factReference } from '@fern/core';

const REFERENCE = /\{=([^{}\s]+)\}/g;

/**
 * A fact of the study inside the writer's words: one piece, that shows what the data say now.
 * @param shown facts on the page, each of which can be told to look again
 */
export const factNode = (textOfDocument: (fact: string) => string, shown: Set<() => void>) =>
  Node.create({
    name: 'fact',
    group: 'inline',
    inline: true,
    atom: true,
    selectable: true,
    addAttributes: () => ({ fact: { default: '' } }),
    parseHTML: () => [{ tag: 'span[data-fact]', getAttrs: (element) => ({ fact: element.getAttribute('data-fact') ?? '' }) }],
    renderHTML: ({ node }) => {
      const fact = String(node.attrs.fact);
      return ['span', { 'data-fact': fact, class: 'fact', title: `from the data: ${fact}` }, textOfDocument(fact)];
    },
    addNodeView:
      () =>
      ({ node }) => {
        const fact = String(node.attrs.fact);
        const dom = document.createElement('span');
        Object.assign(dom, { className: 'fact', title: `from the data: ${fact}` });
        dom.dataset.fact = fact;
        const look = () => (dom.textContent = textOfDocument(fact));
        look();
        shown.add(look);
        return { dom, ignoreMutation: () => true, destroy: () => shown.delete(look) };
      },
    renderText: ({ node }) => factReference(String(node.attrs.fact)),
  });

/** The writer's text as a document: a paragraph a line, facts as pieces. */
export function documentOf(text: string): JSONContent {
  return {
    type: 'doc',
    content: text.split('\n').map((line) => {
      const content: JSONContent[] = [];
      let from = 0;
      for (const match of line.matchAll(REFERENCE)) {
        if (match.index > from) content.push({ type: 'text', text: line.slice(from, match.index) });
        content.push({ type: 'fact', attrs: { fact: match[1] } });
        from = match.index + match[0].length;
      }
      if (from < line.length) content.push({ type: 'text', text: line.slice(from) });
      return content.length === 0 ? { type: 'paragraph' } : { type: 'paragraph', content };
    }),
  };
}

/** A document as plain text, and where in the document each of its characters stands. */
export function textOf(document: DocumentNode): { readonly text: string; readonly places: readonly number[] } {
  let text = '';
  const places: number[] = [];
  const add = (words: string, at: (i: number) => number) => {
    for (let i = 0; i < words.length; i++) places.push(at(i));
    text += words;
  };
  document.forEach((paragraph, offset, index) => {
    if (index > 0) add('\n', () => offset);
    paragraph.forEach((piece, inside) => {
      const start = offset + 1 + inside;
      if (piece.isText) add(piece.text ?? '', (i) => start + i);
      else if (piece.type.name === 'fact') add(factReference(String(piece.attrs.fact)), () => start);
    });
  });
  places.push(document.content.size);
  return { text, places };
}
