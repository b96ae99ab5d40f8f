import type { Figures } from './figures';

/** How far two calculations of one figure may lie apart: relative to its size, and at least. */
interface Slack {
  readonly relative: number;
  readonly least: number;
}

const exactly: Slack = { relative: 1e-6, least: 1e-8 };
/** R integrates the multivariate t of four arms or more by quasi-Monte-Carlo, and its `qtukey` is good to about five in a million. */
const severalAtOnce: Slack = { relative: 1e-4, least: 2e-5 };

/** @param name of a figure */
function slackOf(name: string, value: number): Slack {
  // Both sides draw: five standard errors of R's 20,000 deals.
  if (name.endsWith('p drawn')) return { relative: 0, least: 5 * Math.sqrt((value * (1 - value)) / 20_000) + 1e-3 };
  return name.startsWith('arm ') || name.startsWith('term ') || name.startsWith('trend ') ? exactly : severalAtOnce;
}

/**
 * Figures on which two calculations of one package differ.
 * @param own of the app
 * @param theirs of R
 * @returns a line each, with both
 */
export function disagreements(own: Figures, theirs: Figures): string[] {
  const names = [...new Set([...Object.keys(own), ...Object.keys(theirs)])];
  return names.flatMap((name) => {
    const [ours, other] = [own[name], theirs[name]];
    if (typeof ours === 'number' && typeof other === 'number') {
      const { relative, least } = slackOf(name, other);
      return Math.abs(ours - other) <= Math.max(least, relative * Math.abs(other)) ? [] : [`${name}: ${ours}, R ${other}`];
    }
    return ours === other ? [] : [`${name}: ${ours ?? 'none'}, R ${other ?? 'none'}`];
  });
}
