import { asking } from './asking';
import { benchDrag } from './benchDrag';
import { charts } from './charts';
import { commandLine } from './commandLine';
import { fullResult } from './fullResult';
import { load } from './load';
import { meanwhile } from './meanwhile';
import { pageBytes } from './pages';
import { preparing } from './preparing';
import { readingIndex } from './readingIndex';
import { reporting } from './report';
import { resampling } from './resampling';
import { scale } from './scale';
import { small, whole, type Size } from './Size';
import { slow } from './slow';
import { outOfBounds } from './table';

/** Each figure is a ratio against a peer or a bound in the same run. `npm run perf -- pages load` runs these two; `--small` does little of each. */
const parts: Readonly<Record<string, (size: Size) => void | Promise<void>>> = {
  resampling,
  fullResult,
  readingIndex,
  asking,
  commandLine,
  preparing,
  reporting,
  benchDrag,
  charts,
  slow,
  pages: pageBytes,
  load,
  scale,
  meanwhile,
};

const asked = process.argv.slice(2).filter((word) => word !== '--small');
const unknown = asked.filter((name) => !(name in parts));
if (unknown.length > 0) throw new Error(`There is no ${unknown.join(', no ')}. There are: ${Object.keys(parts).join(', ')}.`);
const size = process.argv.includes('--small') ? small : whole;

const stopped: string[] = [];
for (const [name, part] of Object.entries(parts)) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  console.log(`\n== ${name}`);
  try {
    await part(size);
  } catch (error) {
    stopped.push(name);
    console.error(error);
  }
}
console.log(`\nstopped before their end: ${stopped.join(', ') || 'none'}`);
console.log(`out of bounds: ${outOfBounds().length}`);
for (const words of outOfBounds()) console.log(`  ${words}`);
if (stopped.length + outOfBounds().length > 0) process.exitCode = 1;
