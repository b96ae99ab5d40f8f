import { longDate, type Severity, type Study } from '../model';
import { counted } from '../quantities/plural';

interface Check {
  readonly severity: Severity | 'fine';
  readonly message: string;
}

/**
 * Whether predictions were written down before the data, as far as their days and the readings show, and can be held against the result.
 * @returns fine only where each says which way, and none is younger than the day of the first reading
 */
export function predictionCheck({ experiment, observations }: Study): Check {
  const { predictions } = experiment.plan;
  if (predictions.length === 0)
    return { severity: 'caution', message: 'No prediction yet. It is easy to have known it all along afterwards.' };
  const first = observations.map(({ observedOn }) => observedOn.slice(0, 10)).sort()[0];
  const late = predictions.filter(({ on }) => first !== undefined && on > first).length;
  if (late > 0)
    return { severity: 'serious', message: `${counted(late, 'prediction')} came after the first reading, on ${longDate(first ?? '')}.` };
  const open = predictions.filter(({ way, ranking }) => way === null && ranking.length === 0).length;
  if (open > 0)
    return {
      severity: 'caution',
      message: `${counted(open, 'prediction')} ${open === 1 ? 'does' : 'do'} not say which way: more, less or the same.`,
    };
  const all = counted(predictions.length, 'prediction');
  // A prediction has a day and no time: on that of the first reading nobody knows which came first.
  return {
    severity: 'fine',
    message: first === undefined ? `${all}, and no reading yet.` : `${all}, none later than the day of the first reading.`,
  };
}
