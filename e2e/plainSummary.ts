import type { Reporter, TestCase, TestResult } from '@playwright/test/reporter';

/** Ends the run with one plain line: passed and failed. */
export default class PlainSummary implements Reporter {
  private readonly outcomes = new Map<string, TestResult['status']>();

  onTestEnd(test: TestCase, result: TestResult): void {
    this.outcomes.set(test.id, result.status);
  }

  onEnd(): void {
    const all = [...this.outcomes.values()];
    const passed = all.filter((status) => status === 'passed').length;
    const skipped = all.filter((status) => status === 'skipped').length;
    console.log(`browser: ${passed} passed, ${all.length - passed - skipped} failed, ${skipped} skipped`);
  }
}
