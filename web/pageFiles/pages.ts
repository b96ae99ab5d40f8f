import type { Rolldown } from 'vite';

export type Bundle = Rolldown.OutputBundle;

const FRAME = 'layout/ExperimentLayout';
export interface Page {
  /** Its address, as a pattern. */
  readonly address: string;
  readonly file: string;
  readonly isInFrame: boolean;
  readonly needsResult: boolean;
}
const alone = (address: string, file: string): Page => ({ address: `^${address}$`, file, isInFrame: false, needsResult: false });
const inFrame = (end: string, file: string, needsResult = false): Page => ({
  address: `^/experiments/[^/]+${end}$`,
  file,
  isInFrame: true,
  needsResult,
});

/** The pages that a visit may begin with. */
export const pages: readonly Page[] = [
  alone('/', 'today/TodayPage'),
  alone('/door', 'auth/SignInPage'),
  alone('/ask', 'ask/LibraryPage'),
  alone('/account', 'account/AccountPage'),
  alone('/calculators.*', 'prepare/CalculatorsPage'),
  inFrame('/ask', 'ask/AskPage'),
  inFrame('(/plan)?', 'plan/PlanPage'),
  inFrame('/prepare', 'prepare/PreparePage'),
  inFrame('/prepare/kit', 'prepare/KitPage'),
  inFrame('/prepare/labels', 'prepare/LabelsPage'),
  inFrame('/prepare/wall', 'prepare/PosterPage'),
  inFrame('/prepare/put-out', 'prepare/SetUpPage'),
  inFrame('/log', 'log/LogPage'),
  inFrame('/log/photos', 'log/PhotosPage'),
  inFrame('/log/walk/[^/]+', 'log/RecordPage'),
  inFrame('/weigh', 'weigh/WeighPage', true),
  inFrame('/write', 'write/WritePage', true),
];

const chunksOf = (bundle: Bundle) => Object.values(bundle).filter((file) => file.type === 'chunk');

/** A chunk and all that must be there before it runs. */
function withNeeded(bundle: Bundle, first: string): Rolldown.OutputChunk[] {
  const found = new Set<string>();
  const visit = (name: string): void => {
    const file = bundle[name];
    if (found.has(name) || file?.type !== 'chunk') return;
    found.add(name);
    file.imports.forEach(visit);
  };
  visit(first);
  return [...found].map((name) => bundle[name]).filter((file) => file.type === 'chunk');
}

/** What a page needs: the app, the frame where it stands in it, and its own. */
export function neededBy(bundle: Bundle, { file, isInFrame }: Page): Rolldown.OutputChunk[] {
  const chunks = chunksOf(bundle);
  const chunkOf = (name: string) => {
    const found = chunks.find(({ moduleIds }) => moduleIds.some((id) => id.endsWith(`/src/${name}.vue`)));
    if (!found) throw new Error(`web/pageFiles.ts: no page ${name}`);
    return found;
  };
  const begins = [...chunks.filter(({ isEntry }) => isEntry), ...(isInFrame ? [chunkOf(FRAME)] : []), chunkOf(file)];
  return [...new Set(begins.flatMap(({ fileName }) => withNeeded(bundle, fileName)))];
}
