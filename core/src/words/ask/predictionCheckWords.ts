import type { PredictionCheck } from '../../ask/predictionCheck';
import { longDate } from '../../model';
import { counted } from '../../quantities/plural';

/** What the predictions are worth, in a sentence. */
export function predictionCheckWords(check: PredictionCheck): string {
  switch (check.is) {
    case 'none':
      return 'No prediction yet. It is easy to have known it all along afterwards.';
    case 'late':
      return `${counted(check.count, 'prediction')} came after the first reading, on ${longDate(check.first)}.`;
    case 'open':
      return `${counted(check.count, 'prediction')} ${check.count === 1 ? 'does' : 'do'} not say which way: more, less or the same.`;
    case 'fine':
      return `${counted(check.count, 'prediction')}, ${check.isRead ? 'none later than the day of the first reading' : 'and no reading yet'}.`;
  }
}
