import { itemAt } from '@fern/core';
import { Editor } from '@tiptap/core';
import { Document } from '@tiptap/extension-document';
import { Paragraph } from '@tiptap/extension-paragraph';
import { Text } from '@tiptap/extension-text';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { documentOf, factNode, textOf } from './ownDocument';

const editorOf = (text: string) =>
  new Editor({
    element: document.createElement('div'),
    extensions: [Document, Paragraph, Text, factNode((fact) => (fact === 'height.T.mean' ? '15 cm' : '?'), new Set())],
    content: documentOf(text),
  });

describe('the writer’s text as a document', () => {
  it('comes back as it was typed, whatever was typed', () => {
    const words = fc.array(fc.constantFrom('salt', ' ', '*', '<b>', '{=height.T.mean}', '{', '=}', '1. ', '+ ', '\n', '“', '&amp;'), {
      maxLength: 30,
    });
    fc.assert(
      fc.property(words, (pieces) => {
        const text = pieces.join('');
        const editor = editorOf(text);
        expect(textOf(editor.state.doc).text).toBe(text);
        editor.destroy();
      }),
      { numRuns: 200 },
    );
  });

  it('a fact is shown as the data say it now, and is one piece', () => {
    const editor = editorOf('Tea: {=height.T.mean}.\nSo.');
    expect(editor.getHTML()).toContain('title="from the data: height.T.mean">15 cm</span>');
    const { text, places } = textOf(editor.state.doc);
    expect(places).toHaveLength(text.length + 1);
    expect(editor.state.doc.textBetween(itemAt(places, text.indexOf('So')), itemAt(places, text.indexOf('So') + 2))).toBe('So');
    editor.destroy();
  });
});
