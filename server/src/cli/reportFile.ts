import { writeFileSync } from 'node:fs';
import pdfmake from 'pdfmake';
import { analyse, markdown, report, type ReportLength, type Study } from '@fern/core';
import { htmlFile, pdfFile, wordFile, type Materials, type PdfMaker } from '@fern/paper/files';
import { drawOnCanvas, pdfFonts } from './drawOnCanvas';
import { reportEndings, type ReportEnding } from './reportEndings';

const makers = {
  '.docx': (materials: Materials) => wordFile(materials),
  '.pdf': (materials: Materials) => pdfFile(materials, pdfmake as unknown as PdfMaker, pdfFonts()),
  '.html': (materials: Materials) => htmlFile(materials),
  '.md': async ({ blocks }: Materials) => markdown(blocks),
} as const satisfies Record<ReportEnding, (materials: Materials) => Promise<Uint8Array | string>>;

export interface ReportWish {
  readonly length: ReportLength | undefined;
  readonly paper: Materials['paper'];
  /** The picture of a photo, where the package has it. */
  readonly photo: (file: string) => Uint8Array | null;
}

/**
 * Writes the lab report of a study into a file, as its ending says.
 * @param file ends in one of `reportEndings`
 */
export async function writeReport(study: Study, file: string, wish: ReportWish): Promise<void> {
  const ending = reportEndings.find((own) => file.endsWith(own)) ?? '.md';
  const made = await makers[ending]({
    title: study.experiment.title,
    blocks: report(study, analyse(study), wish.length),
    paper: wish.paper,
    compact: (wish.length ?? study.experiment.writing.length) === 'page',
    draw: drawOnCanvas,
    photo: async (name) => wish.photo(name),
  });
  writeFileSync(file, made);
}
