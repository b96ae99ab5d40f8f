import { longDate, primaryOf, type Study, type WritingPart } from '../../model';
import { inList } from '../../quantities/inList';
import { plural } from '../../quantities/plural';
import { withArm } from '../armName';
import { picturesOf } from '../../weigh/picture/picturesOf';
import type { Result } from '../../weigh/Result';
import type { Block } from '../../write/Block';
import { incidentsSection } from './happened';
import { figureBlock, headingBlock, listBlock, paragraphBlock, section } from '../../write/makers';
import { byLine } from './byLine';
import { chance, claim } from './results';
import { tell } from '../findings';

/** So many doubts stand on one page. */
const MOST_DOUBTS = 3;

/** The writer's parts on one page. */
export const onePageParts: readonly WritingPart[] = ['conclusion', 'next'];

/**
 * A report on one page, for the youngest: what we asked, did and found, how sure we are, and what they think.
 * @param own the writer's parts
 * @returns blocks
 */
export function onePage(study: Study, result: Result, own: (part: WritingPart) => readonly Block[]): Block[] {
  const { experiment } = study;
  const measure = primaryOf(experiment.measures);
  const row = primaryOf(result.measures);
  const doubts = result.review.filter(({ severity }) => severity === 'blocker' || severity === 'serious' || severity === 'caution');
  return [
    headingBlock(experiment.title, 1),
    ...byLine(experiment.writing),
    ...section('Our question', experiment.question === '' ? [] : [paragraphBlock(experiment.question)]),
    headingBlock('What we did'),
    paragraphBlock(didWords(study)),
    ...(measure && row && study.observations.length > 0
      ? [
          headingBlock('What we found'),
          figureBlock(picturesOf({ study, measure, result: row })[0]),
          paragraphBlock(...row.verdict.pieces),
          ...chance(row),
          ...claim(experiment, row),
        ]
      : []),
    ...incidentsSection(study),
    ...section(
      'Why we might be wrong',
      doubts.length === 0 ? [] : [listBlock(doubts.slice(0, MOST_DOUBTS).map((finding) => tell(finding).message))],
    ),
    ...onePageParts.flatMap(own),
  ];
}

function didWords({ experiment }: Study): string {
  const { arms, units, plan, startedOn } = experiment;
  const each = arms.map(({ code: arm }) => {
    const count = units.filter((unit) => unit.arm === arm).length;
    return `${count} ${count === 1 ? plan.unitNoun : plural(plan.unitNoun)} ${withArm(arms, arm)}`;
  });
  const started = startedOn === null ? '' : ` We began on ${longDate(startedOn)}.`;
  const same = plan.kept.length === 0 ? '' : ` We kept the same for all: ${inList(plan.kept.map(({ what }) => what.toLowerCase()))}.`;
  const decides = primaryOf(experiment.measures);
  const what = decides ? ` We measured: ${decides.name.toLowerCase()}.` : '';
  const groups = each.some((words) => words.includes(',')) ? each.join('; ') : inList(each);
  return `We had ${groups}.${started}${what}${same}`;
}
