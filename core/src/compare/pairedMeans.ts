import { centre, variance } from '../stats/moments';
import { pairedT } from '../stats/pairedT';
import { signFlipTest } from '../stats/resampling/randomisationTest';
import { tQuantile } from '../stats/tTails';
import type { TestRow } from './TestRow';
import { armPairs, emptyContrast, randomisationRow, type Compared, type Comparisons } from './Compared';
import { ratioOfMeans } from './ratio';

/** Two arms in pairs: the differences inside pairs, paired t beside the sign-flip test, which decides. Half pairs are left out. */
export function pairedMeans(compared: Compared): Comparisons {
  const [pair] = armPairs(compared);
  const blocks = new Map<string, { treated: number[]; control: number[] }>();
  for (const { unit, arm, block, value } of compared.values) {
    // Two without a partner are no pair.
    const pairName = block ?? `alone ${unit}`;
    const entry = blocks.get(pairName) ?? { treated: [], control: [] };
    (arm === pair.arm ? entry.treated : entry.control).push(value);
    blocks.set(pairName, entry);
  }
  const whole = [...blocks.values()].filter(({ treated, control }) => treated.length > 0 && control.length > 0);
  const reasons: string[] = [];
  if (whole.length < blocks.size)
    reasons.push(`${blocks.size - whole.length} of ${blocks.size} pairs have one half only and are left out.`);
  const none = { terms: [], trend: null, tests: [] };
  if (whole.length === 0)
    return { ...none, contrasts: [emptyContrast(pair.arm, pair.versus)], reasons: [...reasons, 'There is no whole pair to compare.'] };

  const treated = whole.map((entry) => centre(entry.treated));
  const control = whole.map((entry) => centre(entry.control));
  const differences = treated.map((value, i) => value - control[i]);
  const t = pairedT(differences);
  const flip = signFlipTest(differences, compared.options);
  const tests: TestRow[] = [];
  if (t) tests.push({ method: 'paired-t', ...pair, statistic: { name: 't', value: t.t }, df: [t.df], p: t.p });
  if (flip) tests.push(randomisationRow('sign-flip', flip, { name: 'difference', value: centre(differences) }, pair));
  const n = whole.length;
  const varianceTreated = (variance(treated) ?? 0) / n;
  const varianceControl = (variance(control) ?? 0) / n;
  const covariance = (varianceTreated + varianceControl - (variance(differences) ?? 0) / n) / 2;
  if (!t)
    reasons.push(
      n < 2 ? 'There is one pair only: no interval can be given.' : 'All pairs differ by the same amount: no interval can be given.',
    );
  return {
    ...none,
    tests,
    contrasts: [
      {
        ...pair,
        difference: { value: centre(differences), ci95: t?.ci95 ?? null },
        ratio: ratioOfMeans(
          centre(treated),
          centre(control),
          varianceTreated,
          varianceControl,
          covariance,
          t ? tQuantile(0.975, t.df) : null,
        ),
        p: flip?.p ?? null,
        adjusted: 'none',
      },
    ],
    reasons,
  };
}
