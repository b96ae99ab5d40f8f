import { describe, it } from 'vitest';
import { coveringStudies } from '@fern/demo/everyStudy';
import { sameInAllFiles } from './reportFiles.fixture';

describe('studies of each layout, comparison and kind of measure', () => {
  it.each(coveringStudies())('%s: Word, PDF and web page say the same in every length', async (_, study) => {
    await sameInAllFiles(study, ['full']);
  });
});
