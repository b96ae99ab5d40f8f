import { itemAt } from '@fern/core';
import { Extension } from '@tiptap/core';
import { Plugin, PluginKey } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import type { Hint } from '@fern/core';
import { textOf } from './ownDocument';

const key = new PluginKey<DecorationSet>('hints');
export const HINTS = 'hints';

/** Underlines what the data do not bear out. The marks move with the words until they are looked at again. */
export const hintMarks = Extension.create({
  name: 'hintMarks',
  addProseMirrorPlugins: () => [
    new Plugin<DecorationSet>({
      key,
      state: {
        init: () => DecorationSet.empty,
        apply: (change, before) => {
          const hints = change.getMeta(HINTS) as readonly Hint[] | undefined;
          if (hints === undefined) return before.map(change.mapping, change.doc);
          const { places } = textOf(change.doc);
          return DecorationSet.create(
            change.doc,
            hints.map(({ from, to, says }) =>
              Decoration.inline(itemAt(places, from), itemAt(places, to - 1) + 1, { class: 'hint', title: says }),
            ),
          );
        },
      },
      props: { decorations: (state) => key.getState(state) },
    }),
  ],
});
