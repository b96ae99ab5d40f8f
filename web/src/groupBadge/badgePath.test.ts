import { expect, it } from 'vitest';
import { badgePath } from './badgePath';

it('the stake has a foot at its middle', () => {
  expect(badgePath(20, 24)).toContain('L10 24');
});
