import { proxy, wrap } from 'comlink';
import { onScopeDispose, ref } from 'vue';
import { readingsTable, report, type Block, type ReportLength, type Result, type Study } from '@fern/core';
import { saveFile } from '../components/saveText';
import type { ReportWanted, ReportWorker } from '../workers/report.worker';

const types = {
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  pdf: 'application/pdf',
  html: 'text/html',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
} as const;
export type FileEnding = keyof typeof types;

/** The title as a name of files. */
export const fileName = (title: string) =>
  title
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 80) || 'report';

const filesOf = (blocks: readonly Block[]) =>
  blocks.flatMap((block) => (block.kind === 'photos' ? block.photos.map(({ file }) => file) : []));

/** Makes a file of the report in a worker, with how far it has come; one at a time. */
export function useReportFile(photo: (file: string) => Promise<Uint8Array | null>) {
  const making = ref<FileEnding | null>(null);
  const progress = ref(0);
  const failed = ref<string | null>(null);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    making.value = null;
  }

  async function make(ending: FileEnding, study: Study, result: Result, length: ReportLength, paper: ReportWanted['paper']): Promise<void> {
    stop();
    making.value = ending;
    progress.value = 0;
    failed.value = null;
    const own = new Worker(new URL('../workers/report.worker.ts', import.meta.url), { type: 'module' });
    worker = own;
    const { title } = study.experiment;
    const broken = new Promise<never>((_, reject) => own.addEventListener('error', () => reject(new Error('the worker failed'))));
    const remote = wrap<ReportWorker>(own);
    const work = async (): Promise<Uint8Array> => {
      if (ending === 'xlsx') return remote.readings(readingsTable(study), title);
      const blocks = report(study, result, length);
      const photos = new Map<string, Uint8Array>();
      for (const file of filesOf(blocks)) {
        const bytes = await photo(file);
        if (bytes) photos.set(file, bytes);
      }
      const wanted = { ending, title, blocks, paper, compact: length === 'page', photos };
      return remote.report(
        wanted,
        proxy((share: number) => {
          if (worker === own) progress.value = share;
        }),
      );
    };
    try {
      const bytes = await Promise.race([work(), broken]);
      if (worker === own) saveFile(new Blob([bytes as Uint8Array<ArrayBuffer>], { type: types[ending] }), `${fileName(title)}.${ending}`);
    } catch {
      if (worker === own) failed.value = 'The file could not be made. Nothing is lost; try again.';
    }
    if (worker === own) stop();
  }

  onScopeDispose(stop);
  return { making, progress, failed, make, stop };
}
