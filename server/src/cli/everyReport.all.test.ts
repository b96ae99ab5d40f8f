import { describe, it } from 'vitest';
import { demoExperiments } from '@fern/demo';
import { everyStudy } from '@fern/demo/everyStudy';
import { sameInAllFiles } from './reportFiles.fixture';

const demos = new Set(demoExperiments.map(({ demo }) => demo.title));

describe('every demo experiment and every ready-made question', () => {
  it.each(everyStudy)('%s: Word, PDF and web page say the same in every length', async (name, make) => {
    // The full record has every kind of block.
    await sameInAllFiles(make(), demos.has(name) ? ['page', 'school', 'full'] : ['full']);
  });
});
