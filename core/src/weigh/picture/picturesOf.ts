import { kindOf } from '../../kinds';
import { claimedPicture } from './claimed';
import { curvesPicture } from './curves';
import { daysPicture } from './days';
import { dosesPicture } from './doses';
import { dotsPicture } from './dots';
import { factorsPicture } from './factors';
import type { Shown } from './parts';
import type { Picture } from './Picture';
import { stepsPicture } from './steps';
import { togetherPicture } from './together';

/**
 * The pictures of a measure, the one that answers the question asked first: crossed factors as lines, doses on their axis, pairs and blocks as
 * slopes, ratings as counts, days as steps, else dots.
 * @returns at least one
 */
export function picturesOf(shown: Shown): readonly [Picture, ...Picture[]] {
  const { picture } = kindOf(shown.measure);
  const plain = picture === 'days' ? daysPicture(shown) : picture === 'steps' ? stepsPicture(shown) : dotsPicture(shown);
  const together = togetherPicture(shown);
  const isPairs = shown.study.experiment.layout === 'pairs';
  const asked = factorsPicture(shown) ?? dosesPicture(shown) ?? (isPairs ? together : null);
  const first = picture === 'dots' && asked ? asked : plain;
  const others = [together, curvesPicture(shown), claimedPicture(shown), plain];
  const rest = others.filter((own) => own !== null && own.id !== first.id && !sameDots(own, first));
  return [first, ...rest.filter((own) => own !== null)];
}

/** Doses and factors show each unit already. */
const sameDots = (own: Picture, first: Picture) => own.id.endsWith('.dots') && ['.doses', '.factors'].some((end) => first.id.endsWith(end));
