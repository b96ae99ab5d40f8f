import type { ReadyQuestion } from '../ReadyQuestion';
import { anyHeight } from './anyHeight';
import { anySprouting } from './anySprouting';

/** Every ready-made question, in the order of its theme. */
export const questions: readonly ReadyQuestion[] = [anySprouting, anyHeight];
