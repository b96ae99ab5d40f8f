import { counted } from '../../quantities/plural';
import { isAlmost, timesInTen } from '../timesInTen';
import { says, type FindingText } from './says';

/** How many to start with, where the design is played through. */
export type PowerAdvice =
  | { readonly is: 'none' }
  | { readonly is: 'out-of-reach' }
  | { readonly is: 'too-many' }
  | { readonly is: 'enough'; readonly units: number; readonly isMore: boolean; readonly withLosses: boolean };

/** How often the planned design would give a clear answer. */
export function powerFinding({
  each,
  unit,
  chance,
  expectsAlike,
  advice,
}: {
  readonly each: number;
  readonly unit: string;
  readonly chance: number;
  readonly expectsAlike: boolean;
  readonly advice: PowerAdvice;
}): FindingText {
  return says(
    `With ${counted(each, unit)} per group, you’d ${clearAnswer(chance)} if ${
      expectsAlike ? 'nothing that matters really differs' : 'the true difference were the smallest that matters'
    }.`,
    powerAdvice(advice),
  );
}

/** "almost never get a clear answer", but "get a clear answer about 7 times in 10". */
function clearAnswer(chance: number): string {
  const often = timesInTen(chance);
  return isAlmost(chance) ? `${often} get a clear answer` : `get a clear answer ${often}`;
}

function powerAdvice(advice: PowerAdvice): string {
  switch (advice.is) {
    case 'none':
      return '';
    case 'out-of-reach':
      return 'No number of units would be enough. Is the difference that matters smaller than you can measure?';
    case 'too-many':
      return 'It would take more than 1,000 per group to get it 8 times in 10. Is the difference that matters in the right unit?';
    case 'enough': {
      const losses = advice.withLosses ? ', with the losses that you expect' : '';
      return advice.isMore
        ? `About ${advice.units} per group would give 8 times in 10${losses}.`
        : `${advice.units} in every group would give 8 times in 10${losses}.`;
    }
  }
}
