import { readClaim } from '../core/src/ask/claim/readClaim';
import { plainText, tokensOf } from '../core/src/ask/claim/language';
import { spokenClaims } from '../core/src/ask/claim/spokenClaims.fixture';
import { findQuestions } from '../core/src/ask/findQuestions';
import { questions } from '../core/src/ask/questions/index';
import { medianTimes } from './clock';
import type { Size } from './Size';
import { reportRatio } from './table';

const TYPED = ['peas', 'germinate', 'coffee grounds', 'leggy', 'xylophone'];
/** A person takes a tenth of a second for at once. */
const AT_ONCE = 100;

/** A claim read, against its words tagged alone; a claim and a search, as shares of what a person takes for at once. */
export function asking({ rounds }: Size): void {
  const [tagged, read, found] = medianTimes(
    [
      () => spokenClaims.forEach(({ claim }) => tokensOf(plainText(claim))),
      () => spokenClaims.forEach(({ claim }) => readClaim(claim)),
      () => TYPED.forEach((typed) => findQuestions(questions, typed)),
    ],
    rounds,
  );
  reportRatio('fifty claims taken apart, against tagging their words alone', read / tagged, { most: 3 });
  reportRatio('one claim taken apart, as a share of a tenth of a second', read / spokenClaims.length / AT_ONCE, { most: 0.3 });
  reportRatio('one search of the library, as a share of a tenth of a second', found / TYPED.length / AT_ONCE, { most: 0.3 });
}
