/** Median time of several runs of each task in ms, taken in turn so that a slow spell of the machine hits all alike. */
export function medianTimes(tasks: readonly (() => unknown)[], rounds: number): number[] {
  const times = tasks.map(() => [] as number[]);
  for (let round = 0; round <= rounds; round++) {
    tasks.forEach((task, i) => {
      const start = performance.now();
      task();
      // The first round warms up.
      if (round > 0) times[i].push(performance.now() - start);
    });
  }
  return times.map((list) => list.sort((a, b) => a - b)[Math.floor(list.length / 2)]);
}
