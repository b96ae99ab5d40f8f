import { expose } from 'comlink';
import { labelPages, labelSheetOf, labelsOf, shelfStrips, type Experiment, type LabelWish } from '@fern/core';
import text from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff2?url';
import bold from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff2?url';
import mono from '@fontsource/ibm-plex-mono/files/ibm-plex-mono-latin-500-normal.woff2?url';

const fonts = [
  ['Atkinson Hyperlegible', 400, text],
  ['Atkinson Hyperlegible', 700, bold],
  ['IBM Plex Mono', 700, mono],
] as const;
let style: Promise<string> | null = null;

/** The fonts in the page itself: an image knows none of the browser's page. Without them it is drawn in what the machine has. */
async function ownFonts(): Promise<string> {
  const rules = await Promise.all(
    fonts.map(async ([family, weight, address]) => {
      const bytes = new Uint8Array(await (await fetch(address)).arrayBuffer());
      const letters = Array.from({ length: Math.ceil(bytes.length / 8192) }, (_, i) =>
        String.fromCharCode(...bytes.subarray(i * 8192, (i + 1) * 8192)),
      );
      return `@font-face{font-family:${family};font-weight:${weight};src:url(data:font/woff2;base64,${btoa(letters.join(''))})}`;
    }),
  );
  return rules.join('');
}

/** Draws sheets away from the page, so that 400 labels do not hold it up. */
const worker = {
  labels: async (experiment: Experiment, sheet: string, wish: LabelWish, skip: number): Promise<string[]> => {
    style ??= ownFonts().catch(() => '');
    return labelPages(labelsOf(experiment, wish), labelSheetOf(sheet), skip, await style);
  },
  strips: async (experiment: Experiment, sheet: string, showsArms: boolean): Promise<string[]> => {
    style ??= ownFonts().catch(() => '');
    return shelfStrips(experiment, labelSheetOf(sheet).page, showsArms, await style);
  },
};

export type LabelsWorker = typeof worker;

expose(worker);
