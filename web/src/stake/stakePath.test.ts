import { expect, it } from 'vitest';
import { stakePath } from './stakePath';

it('the stake has a foot at its middle', () => {
  expect(stakePath(20, 24)).toContain('L10 24');
});
