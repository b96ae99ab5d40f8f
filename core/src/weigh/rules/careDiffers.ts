import type { Finding, Study } from '../../model';
import { careTotals } from '../../study/careTotals';

const MOST = 0.1;

/** Water or feed a unit differs by over a tenth between the arms, and is not what is tested. */
export function careDiffersRule(study: Study): Finding[] {
  const { experiment } = study;
  const tested = `${experiment.plan.changed} ${Object.keys(experiment.arms[0]?.factors ?? {}).join(' ')}`;
  const words = { water: /\b(water|wet|moist|drought|dry)/i, feed: /\b(feed|fertil|nutrient|food)/i };
  return (['water', 'feed'] as const).flatMap((kind): Finding[] => {
    if (words[kind].test(tested)) return [];
    // Amounts that do not add are left alone.
    const totals = careTotals(study, kind);
    if (totals === null) return [];
    const amounts = totals.arms.map(({ each }) => each);
    const [low, high] = [Math.min(...amounts), Math.max(...amounts)];
    if (amounts.length < 2 || high === 0 || (high - low) / high <= MOST) return [];
    return [
      {
        rule: 'care-differs',
        severity: 'serious',
        message: `The arms did not get as much ${kind}: ${totals.arms.map(({ name, each }) => `${name} ${Math.round(each * 10) / 10} ${totals.unit} each`).join(', ')}.`,
        remedy: 'Say it beside the result. Next time give each the same, or water by weight.',
      },
    ];
  });
}
