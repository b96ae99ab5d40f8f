import type { Experiment, KeptSame, Plan, Templates } from '../model';
import { fill } from './templates';

/** Lists of the plan whose lines may be written from it. */
export const templateLists = ['steps', 'commonMistakes', 'notTested'] as const satisfies readonly (keyof Plan & keyof Templates)[];
export type TemplateList = (typeof templateLists)[number];

/**
 * Fills the templates of a first plan.
 * @param experiment with its templates; its texts are those that follow
 */
export function writeTemplates(experiment: Experiment): Experiment {
  const { plan } = experiment;
  const { templates } = plan;
  if (templates === null) return experiment;
  return {
    ...experiment,
    plan: {
      ...plan,
      ...Object.fromEntries(templateLists.map((list) => [list, filled(templates[list], experiment)])),
      kept: plan.kept.map((kept) => ({ ...kept, how: fill(kept.how, experiment) ?? '' })),
    },
  };
}

const filled = (templates: readonly string[], experiment: Experiment) => templates.flatMap((template) => fill(template, experiment) ?? []);

/**
 * Lets the lines that nobody has worded follow an edit. A line for which the plan no longer has what it tells goes, and comes back with it.
 * @param before the plan before the edit
 * @param after the plan after it
 */
export function followTemplates(before: Experiment, after: Experiment): Experiment {
  const { plan } = after;
  const { templates } = plan;
  if (templates === null) return after;
  return {
    ...after,
    plan: {
      ...plan,
      ...Object.fromEntries(templateLists.map((list) => [list, followed(plan[list], templates[list], before, after)])),
      kept: followedKept(plan.kept, templates.kept, before, after),
    },
  };
}

function followed(lines: readonly string[], templates: readonly string[], before: Experiment, after: Experiment): string[] {
  const rows = templates.map((template) => ({ was: fill(template, before), is: fill(template, after) }));
  const next = lines.flatMap((line) => {
    const row = rows.find(({ was }) => was === line);
    return row === undefined ? [line] : (row.is ?? []);
  });
  for (const [i, { was, is }] of rows.entries()) if (was === null && is !== null && !next.includes(is)) putIn(next, is, rows.slice(0, i));
  return next;
}

/** How a thing is kept the same is empty while the plan has nothing to tell it with. */
function followedKept(kept: readonly KeptSame[], templates: readonly string[], before: Experiment, after: Experiment): KeptSame[] {
  const was = templates.map((template) => fill(template, before) ?? '');
  return kept.map((own, i) => {
    const at = own.how === '' || was[i] === own.how ? i : was.indexOf(own.how);
    const template = was[at] === own.how ? templates[at] : undefined;
    return template === undefined ? own : { ...own, how: fill(template, after) ?? '' };
  });
}

/** Puts a line behind the last of those that come before it. */
function putIn(lines: string[], line: string, before: readonly { readonly is: string | null }[]): void {
  const earlier = before.map(({ is }) => lines.findIndex((own) => own === is));
  lines.splice(Math.max(-1, ...earlier) + 1, 0, line);
}

/**
 * Lines that would follow from the plan and do not stand in it: somebody has worded or removed them.
 * @param list of the plan
 */
export function leftOut(experiment: Experiment, list: TemplateList): string[] {
  const { plan } = experiment;
  return filled(plan.templates?.[list] ?? [], experiment).filter((line) => !plan[list].includes(line));
}

/**
 * The way back: puts such a line where it stood.
 * @param list of the plan
 * @param line as it reads now
 */
export function putBack(experiment: Experiment, list: TemplateList, line: string): Experiment {
  const { plan } = experiment;
  const rows = filled(plan.templates?.[list] ?? [], experiment);
  const lines = [...plan[list]];
  putIn(
    lines,
    line,
    rows.slice(0, Math.max(0, rows.indexOf(line))).map((is) => ({ is })),
  );
  return { ...experiment, plan: { ...plan, [list]: lines } };
}

/**
 * Lines of a list that somebody has worded.
 * @param list of the plan
 * @returns empty where the plan has no templates
 */
export function ownLinesOf(experiment: Experiment, list: TemplateList): string[] {
  const { plan } = experiment;
  if (plan.templates === null) return [];
  const own = new Set(filled(plan.templates[list], experiment));
  return plan[list].filter((line) => line.trim() !== '' && !own.has(line));
}
