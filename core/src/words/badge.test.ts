import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { questions } from '../ask/questions';
import { soakOrDry } from '../ask/questions/soakOrDry';
import { emptyArm, type Arm } from '../model';
import { addArm, renameArm, setBadge, setDose, setRole } from '../plan/edits';
import { startOn } from '../prepare/startOn';
import { badgeOf } from './badge';

const begun = { created: '2026-01-05T09:00:00Z', startOn: '2026-01-06', seed: 3 };
const soak = experimentFrom(soakOrDry, begun);
const badges = (arms: readonly Arm[]) => arms.map(({ code }) => badgeOf(arms, code));
const named = (...names: readonly string[]) => names.map((name, i): Arm => ({ ...emptyArm, code: `Z${i}`, name }));

describe('the badge of a group', () => {
  it('follows its dose: 18 h no longer stands as 6', () => {
    expect(badges(soak.arms)).toEqual(['C', '6', '24']);
    expect(badges(setDose(soak, '6', 18).arms)).toEqual(['C', '18', '24']);
  });

  it('follows its name until it is chosen by hand, and an added group is not A', () => {
    const added = addArm(soak);
    const code = added.arms.at(-1)?.code ?? '';
    expect(badgeOf(added.arms, code)).toBe('N');
    const renamed = renameArm(added, code, 'willow tea');
    expect(badgeOf(renamed.arms, code)).toBe('W');
    const chosen = setBadge(renamed, code, 'WT');
    expect(badgeOf(renameArm(chosen, code, 'nettle tea').arms, code)).toBe('WT');
    expect(badgeOf(setBadge(chosen, code, '').arms, code)).toBe('W');
  });

  it('is never that of another group', () => {
    expect(badges(named('plain water', 'peel water', 'peel tea', 'peel', 'peel', '12 h'))).toEqual(['P', 'PW', 'PT', 'P2', 'P3', '1']);
    const taken = setBadge(soak, '24', '6');
    expect(new Set(badges(taken.arms)).size).toBe(3);
  });

  it('goes with the role: the control is C', () => {
    const turned = setRole(soak, '6', 'control');
    expect(badgeOf(turned.arms, '6')).toBe('C');
    expect(badgeOf(turned.arms, 'C')).not.toBe('C');
  });

  it('stays as it was at the start', () => {
    const started = startOn(setDose(soak, '6', 18), '2026-01-06', '2026-01-06');
    expect(badgeOf(setDose(started, '6', 12).arms, '6')).toBe('18');
  });

  it.each(questions)('of $id is what the question calls it', ({ arms }) => {
    const own = arms.filter(({ dose, role }) => dose === null || role === 'control').map(({ code }) => code);
    expect(own.map((code) => badgeOf(arms, code))).toEqual(own);
  });
});
