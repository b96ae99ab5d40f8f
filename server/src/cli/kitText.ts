import { badgeOf, inSystemWords, kitCost, kitGroups, kitOf, RULES_FIRST, type KitLine, type Study } from '@fern/core';

/** The kit of a study as a list to read, or as JSON. */
export function kitText({ experiment }: Study, json: boolean): string {
  const kit = kitOf(experiment);
  if (json) return `${JSON.stringify({ title: experiment.title, spare: experiment.plan.kit.spare, kit, cost: kitCost(kit) }, null, 2)}\n`;
  const groups = kitGroups
    .map(({ group, title }) => ({ title, own: kit.filter((line) => line.group === group) }))
    .filter(({ own }) => own.length > 0);
  const told = groups.map(({ title, own }) => [title, ...own.map((line) => kitLine(line, experiment.arms))].join('\n'));
  return `${[experiment.title, ...told, RULES_FIRST].join('\n\n')}\n`;
}

function kitLine({ what, amount, unit, arms, how, isTicked }: KitLine, groups: Study['experiment']['arms']): string {
  const much = amount === null ? '' : `  ${inSystemWords(amount, unit, 'metric')}`;
  const each =
    arms.length > 1
      ? `  (${arms.map((own) => `${badgeOf(groups, own.arm)} ${inSystemWords(own.amount, unit, 'metric')}`).join(', ')})`
      : '';
  return `  [${isTicked ? 'x' : ' '}] ${what}${much}${each}${how === '' ? '' : `\n      ${how}`}`;
}
