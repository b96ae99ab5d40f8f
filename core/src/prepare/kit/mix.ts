import { byCode, type Experiment, type Unit } from '../../model';
import { num } from '../calculators/makers';
import { doseByMass } from '../mixes';
import { mixEach } from '../../study/mixEach';
import { badgeOf } from '../../words/badge';
import { mixWords } from '../../words/prepare/kitWords';
import type { BareLine } from './KitLine';
import { inAll, perArm, spared, type ArmAmount } from './perArm';

/** Units under which an arm's dose is a share of the mix. */
const SHARE = '%';

interface Blended {
  readonly name: string;
  /** Share of the mix in an arm, 0 to 1. */
  readonly share: (arm: string) => number;
}

/** What is blended in: as was said, or the doses where they are per cent. */
function blendedIn({ plan, arms }: Experiment): Blended[] {
  const doseOf = (code: string) => (byCode(arms, code)?.dose ?? 0) / 100;
  if (plan.kit.additions.length === 0 && arms.some(({ dose, doseUnit }) => dose !== null && doseUnit === SHARE))
    return [{ name: 'the dose', share: doseOf }];
  return plan.kit.additions.map(({ name, arms: own, share }) => ({
    name,
    share: (arm) => (own.length > 0 && !own.includes(arm) ? 0 : share === null ? doseOf(arm) : share / 100),
  }));
}

/** The mix: how much of it, its parts, what is blended in as a share of the mix, and water to wet it. */
export function mixLines(experiment: Experiment): BareLine[] {
  const { plan } = experiment;
  const { kit } = plan;
  const { amount: each, unit, usual } = mixEach(experiment);
  if (each === 0) return [];
  const additions = blendedIn(experiment);
  const added = (own: Unit, addition: Blended) => doseByMass(each, Math.min(1, addition.share(own.arm)))?.amendment ?? 0;
  const base = perArm(experiment, (own) => Math.max(0, each - additions.reduce((sum, addition) => sum + added(own, addition), 0)));
  const total = inAll(base);
  const name = kit.medium || 'mix';
  const line = (id: string, what: string, arms: readonly ArmAmount[], how: string, of = unit): BareLine => ({
    id,
    group: 'mix',
    what,
    amount: spared(inAll(arms), kit.spare),
    unit: of,
    arms,
    how,
  });
  const sum = kit.parts.reduce((all, { parts }) => all + parts, 0);
  const parts = kit.parts.map(({ name: part, parts: many }) =>
    line(
      `part ${part}`,
      mixWords.part(part),
      base.map(({ arm, amount }) => ({ arm, amount: (amount * many) / sum })),
      `${num(total)} ${unit} × ${num(many)} ÷ ${num(sum)}`,
    ),
  );
  const blended = additions.map((addition) =>
    line(
      `addition ${addition.name}`,
      mixWords.blended(addition.name),
      perArm(experiment, (own) => added(own, addition)),
      sharesTold(experiment, addition, each, unit),
    ),
  );
  const { wetting } = kit;
  const water =
    wetting === null
      ? []
      : [
          line(
            'water to wet',
            mixWords.wet,
            base.map(({ arm, amount }) => ({ arm, amount: amount * wetting })),
            `${num(total)} ${unit} × ${num(wetting)}`,
            'mL',
          ),
        ];
  const how = mixWords.each(each, unit, mixWords.usual(plan.unitNoun, usual), additions.length > 0, kit.spare);
  return [line('mix', name, base, how), ...parts, ...blended.filter(({ arms }) => arms.length > 0), ...water];
}

const sharesTold = ({ arms }: Experiment, { share }: Blended, each: number, unit: string): string =>
  mixWords.shares(
    each,
    unit,
    arms.flatMap(({ code }) => (share(code) > 0 ? [{ badge: badgeOf(arms, code), share: share(code) }] : [])),
  );
