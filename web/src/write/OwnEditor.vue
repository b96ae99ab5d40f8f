<script setup lang="ts">
import { Editor, Extension } from '@tiptap/core';
import { Document } from '@tiptap/extension-document';
import { Paragraph } from '@tiptap/extension-paragraph';
import { Text } from '@tiptap/extension-text';
import { history, redo, undo } from '@tiptap/pm/history';
import { useDebounceFn } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { Hint, WritersFact } from '@fern/core';
import { HINTS, hintMarks } from './hintMarks';
import { documentOf, factNode, textOf } from './ownDocument';
import FactPicker from './FactPicker.vue';

/** A part that the writer writes: plain words with facts in them, looked through while they are typed. */
const props = defineProps<{
  text: string;
  label: string;
  ask: string;
  facts: readonly WritersFact[];
  check: (text: string) => readonly Hint[];
}>();
const emit = defineEmits<{ write: [text: string] }>();
const LOOK_MS = 400;
const MOST = 20_000;

const box = ref<HTMLElement | null>(null);
const picking = ref(false);
const hints = ref<readonly Hint[]>([]);
const words = computed(() => new Map(props.facts.map(({ fact, text }) => [fact, text])));
const shown = new Set<() => void>();
let editor: Editor | null = null;
let written = props.text;

const look = useDebounceFn(() => {
  if (!editor || editor.isDestroyed) return;
  hints.value = props.check(textOf(editor.state.doc).text);
  editor.view.dispatch(editor.state.tr.setMeta(HINTS, hints.value).setMeta('addToHistory', false));
}, LOOK_MS);

const ownKeys = Extension.create({
  name: 'ownKeys',
  addProseMirrorPlugins: () => [history()],
  addKeyboardShortcuts: () => ({
    'Mod-z': ({ editor: own }) => undo(own.state, own.view.dispatch),
    'Mod-y': ({ editor: own }) => redo(own.state, own.view.dispatch),
    'Mod-Shift-z': ({ editor: own }) => redo(own.state, own.view.dispatch),
    '@': () => (picking.value = true),
  }),
});

onMounted(() => {
  editor = new Editor({
    element: box.value ?? undefined,
    extensions: [
      Document,
      Paragraph,
      Text,
      factNode((fact) => words.value.get(fact) ?? (props.facts.length === 0 ? '…' : '(no longer in the data)'), shown),
      hintMarks,
      ownKeys,
    ],
    content: documentOf(props.text),
    editorProps: {
      attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': props.label, class: 'words', spellcheck: 'true' },
    },
    onUpdate: ({ editor: own }) => {
      const { text } = textOf(own.state.doc);
      if (text === written || text.length > MOST) return;
      written = text;
      emit('write', text);
      void look();
    },
  });
  void look();
});
onBeforeUnmount(() => editor?.destroy());

// From another tab, or what an undo elsewhere brought back; what is typed here has just come from here.
watch(
  () => props.text,
  (text) => {
    if (text === written || !editor) return;
    written = text;
    editor.commands.setContent(documentOf(text), { emitUpdate: false });
    void look();
  },
);
// Facts show what the data say now.
watch(
  () => [props.facts, props.check] as const,
  () => {
    for (const again of shown) again();
    void look();
  },
);

function put(fact: string): void {
  leave();
  editor?.commands.insertContent({ type: 'fact', attrs: { fact } });
}
/** Back to the words at once: the editor's own command waits for a frame, and digits that are typed before it open the steps. */
function leave(): void {
  picking.value = false;
  editor?.view.focus();
}
</script>

<template>
  <div class="own">
    <p class="ask soft small">{{ ask }}</p>
    <div ref="box" />
    <FactPicker v-if="picking" :facts="facts" @put="put" @leave="leave" />
    <p v-else class="tools small">
      <button type="button" class="link" @click="picking = true">Put in a fact of the study</button>
      <span class="soft">or type @</span>
    </p>
    <ul v-if="hints.length > 0" class="bare-list hints small" aria-label="Look again">
      <li v-for="hint in hints" :key="`${hint.from} ${hint.says}`">{{ hint.says }}</li>
    </ul>
    <p class="visually-hidden" role="status">{{ hints.length === 0 ? '' : `${hints.length} places to look at again` }}</p>
  </div>
</template>

<style scoped>
.own :deep(.words) {
  min-height: 88px;
  padding: 8px 11px;
  border: 1px solid var(--border);
  border-radius: var(--radius);
  background: var(--paper);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
.own :deep(.words:focus) {
  outline: 3px solid var(--ink);
  outline-offset: 1px;
}
.own :deep(.words p) {
  margin: 0 0 4px;
}
.own :deep(.fact) {
  padding: 0 3px;
  border-bottom: 2px solid var(--sprout);
  border-radius: 2px;
  background: var(--sprout-wash);
}
.own :deep(.hint) {
  background: var(--pollen-wash);
  text-decoration: underline wavy var(--rust);
  text-underline-offset: 3px;
}
.ask {
  margin: 0 0 4px;
}
.tools {
  display: flex;
  gap: 8px;
  margin: 4px 0;
}
.hints li {
  margin: 4px 0;
  padding-left: 10px;
  border-left: 3px solid var(--pollen);
}
@media print {
  .own :deep(.words) {
    padding: 0;
    border: 0;
  }
  .own :deep(.fact),
  .own :deep(.hint) {
    padding: 0;
    border: 0;
    background: none;
    text-decoration: none;
  }
  .ask,
  .tools,
  .hints {
    display: none;
  }
}
</style>
