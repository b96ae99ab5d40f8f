import { isTurn } from '../../compare/doseTrend';
import { kindOf } from '../../kinds';
import type { Sentence } from '../../model/Sentence';
import { decimalsFor, fixed } from '../../quantities/roundTo';
import type { Judged } from './verdictSentence';
import { sized } from '../sized';

/** Where over the doses the top or the bottom lies, or how the line runs; nothing where neither is told. */
export function doseWords({ experiment, measure, share, trend }: Judged): Sentence {
  if (trend === null) return [];
  const { turningPoint, turningPointCi95, quadratic, slope, ci95, p } = trend;
  const doses = experiment.arms.flatMap(({ dose }) => dose ?? []);
  const unit = experiment.arms.find(({ doseUnit }) => doseUnit)?.doseUnit ?? '';
  if (isTurn(trend) && turningPoint !== null && turningPointCi95 !== null) {
    const [lo, hi] = [Math.max(turningPointCi95[0], Math.min(...doses)), Math.min(turningPointCi95[1], Math.max(...doses))];
    const decimals = decimalsFor(turningPoint, (hi - lo) / 2);
    const where = `${sized(fixed(turningPoint, decimals), unit)} (95% confidence interval ${fixed(lo, decimals)} to ${fixed(hi, decimals)})`;
    return [
      ` Over the doses it is ${endOf((quadratic?.coefficient ?? 0) < 0, measure.higherIs)} near `,
      { fact: `${measure.code}.turningPoint`, text: where },
      '.',
    ];
  }
  if (p === null || p > 0.05 || ci95 === null) return [];
  const wording = kindOf(measure).wording(measure, share);
  const size = fixed(Math.abs(slope * wording.scale), decimalsFor(slope * wording.scale, ((ci95[1] - ci95[0]) / 2) * wording.scale));
  const each = unit === '' ? 'for each step of the dose' : `for each ${unit} more`;
  return [
    ' Over the doses it is ',
    { fact: `${measure.code}.trend`, text: `${sized(size, wording.unit)} ${slope > 0 ? wording.more : wording.less} ${each}` },
    '.',
  ];
}

/** What the turn of the curve is. */
function endOf(isTop: boolean, higherIs: Judged['measure']['higherIs']): string {
  if (higherIs === 'neither') return isTop ? 'highest' : 'lowest';
  return isTop === (higherIs === 'better') ? 'best' : 'worst';
}
