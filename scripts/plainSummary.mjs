/** Vitest reporter that ends the run with one plain line: passed and failed. */
export default class PlainSummary {
  onTestRunEnd(modules, errors) {
    let [passed, failed, skipped] = [0, errors.length, 0];
    for (const module of modules) {
      for (const test of module.children.allTests()) {
        const { state } = test.result();
        if (state === 'passed') passed++;
        else if (state === 'failed') failed++;
        else skipped++;
      }
      if (module.state() === 'failed' && [...module.children.allTests()].length === 0) failed++;
    }
    console.log(`unit: ${passed} passed, ${failed} failed, ${skipped} skipped`);
  }
}
