import { asking } from './asking';
import { preparing } from './preparing';
import { fullResult } from './fullResult';
import { readingIndex } from './readingIndex';
import { reporting } from './report';
import { resampling } from './resampling';

// Each figure is a ratio against a peer or a bound in the same run; nothing here asserts a clock.
console.log(`${'what'.padEnd(78)} ${'ratio'.padStart(9)}   should be`);
resampling();
fullResult();
readingIndex();
asking();
preparing();
await reporting();
