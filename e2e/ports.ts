/** Two workers, each with servers of its own, so that neither finds what the other has made. */
export const WORKERS = 2;

const FIRST = 4310;
const names = ['demo', 'plain', 'own'] as const;

/** The port of a server of a worker: the demo, one without accounts, or one that a test starts itself. */
export const portOf = (name: (typeof names)[number], worker: number) => FIRST + worker * names.length + names.indexOf(name);

/** The worker in which this is asked. */
export const here = () => Number(process.env.TEST_PARALLEL_INDEX ?? 0);
