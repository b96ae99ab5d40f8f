import { describe, it } from 'vitest';
import { coveringStudies } from '@fern/demo/everyStudy';
import { sameInAllFiles } from './reportFiles.fixture';

// Their texts are all looked at beside the core; the rest of them as files by `npm run test:all`.
describe('two of the studies that cover each layout, comparison and kind of measure', () => {
  it.each(coveringStudies().slice(0, 2))('%s: Word, PDF and web page say the same in every length', async (_, study) => {
    await sameInAllFiles(study, ['full']);
  });
});
