import { itemAt } from '../../invariant';
import type { Study } from '../../model';
import { byCode, longDate } from '../../model';
import { plural } from '../../quantities/plural';
import type { MeasureResult, Result } from '../../weigh/Result';
import { tell } from '../findings';
import { sentenceText } from '../../model/Sentence';
import type { Block } from '../../write/Block';
import { alsoSeen, chance } from './results';
import { armsTable, comparisonsTable, pEquals, sproutingTable, termsTable, trendSentence } from './resultTables';

const WIDTH = 96;
const marks = { blocker: '!!', serious: '! ', caution: '~ ', note: '  ' } as const;

/**
 * A result as plain text, for a page that one prints: verdict first, then the numbers, then what could have fooled us.
 * @returns text of at most 96 characters a line where words allow
 */
export function plainSummary(study: Study, result: Result): string {
  const { experiment } = study;
  const lines = [experiment.title, '='.repeat(experiment.title.length), ''];
  if (experiment.question !== '') lines.push(...wrap(experiment.question), '');
  lines.push(
    ...wrap(
      `${experiment.arms.length} groups, ${experiment.units.length} ${plural(experiment.plan.unitNoun)}, ${study.observations.length} readings${experiment.startedOn ? `; started ${longDate(experiment.startedOn)}` : ''}.`,
    ),
    '',
  );
  const ordered = [...result.measures].sort((a, b) => Number(b.primary) - Number(a.primary));
  for (const row of ordered) lines.push(...measureLines(study, row), '');
  lines.push('What could have fooled us', '-------------------------');
  if (result.review.length === 0) lines.push('The checks found no problems.');
  for (const finding of result.review) {
    const { message, remedy } = tell(finding);
    lines.push(...wrap(`${message} ${remedy}`, `${marks[finding.severity]} `));
  }
  return `${lines.join('\n').trimEnd()}\n`;
}

function measureLines(study: Study, row: MeasureResult): string[] {
  const { experiment } = study;
  const measure = byCode(experiment.measures, row.measure);
  if (!measure) return [];
  const title = row.primary ? row.name : `Also seen: ${row.name}`;
  const words = row.primary
    ? [
        `Verdict: ${row.verdict.code.replaceAll('-', ' ')}.`,
        row.verdict.sentence,
        ...chance(row).map((block) => (block.kind === 'paragraph' ? sentenceText(block.text) : '')),
      ]
    : [sentenceText(alsoSeen(row, measure, experiment.arms))];
  const tests = row.tests.map((test) => {
    const between = test.arm ? `, ${test.arm} against ${test.versus ?? ''}` : '';
    const df = test.df.length > 0 ? `(${test.df.map((n) => Number(n.toFixed(2))).join(', ')})` : '';
    const how =
      test.exact === undefined
        ? ''
        : test.exact
          ? `, exact${test.arrangements ? ` over ${test.arrangements.toLocaleString('en-GB')} arrangements` : ''}`
          : `, ${test.arrangements?.toLocaleString('en-GB') ?? ''} draws, shuffle number ${test.seed ?? ''}`;
    return `  ${test.method}${between}: ${test.statistic.name}${df} = ${Number(test.statistic.value.toPrecision(5))}, ${pEquals(test.p)}${how}${test.ignoresUnits ? ' (counts seeds as if each were a unit)' : ''}`;
  });
  const fast = sproutingTable(study, measure, row);
  const terms = termsTable(measure, row);
  const trend = trendSentence(study, measure, row);
  return [
    title,
    '-'.repeat(title.length),
    ...words.flatMap((text) => wrap(text)),
    '',
    ...tableLines(armsTable(study, measure, row)),
    ...(fast ? ['', ...tableLines(fast)] : []),
    ...(terms ? ['', ...tableLines(terms)] : []),
    ...(trend ? ['', ...wrap(trend)] : []),
    ...(row.comparisons.length > 0 ? ['', ...tableLines(comparisonsTable(study, measure, row))] : []),
    ...(tests.length > 0 ? ['', 'Tests', ...tests] : []),
    ...row.reasons.flatMap((reason) => wrap(reason)),
  ];
}

function tableLines({ head, rows, numbersFrom }: Extract<Block, { kind: 'table' }>): string[] {
  const widths = head.map((cell, i) => Math.max(cell.length, ...rows.map((row) => itemAt(row, i).length)));
  const line = (cells: readonly string[]) =>
    cells
      .map((cell, i) => (i < numbersFrom ? cell.padEnd(itemAt(widths, i)) : cell.padStart(itemAt(widths, i))))
      .join('  ')
      .trimEnd();
  return [line(head), widths.map((width) => '-'.repeat(width)).join('  '), ...rows.map(line)];
}

function wrap(text: string, indent = ''): string[] {
  const lines: string[] = [];
  let current = '';
  for (const word of text.split(' ')) {
    if (current !== '' && indent.length + current.length + word.length + 1 > WIDTH) {
      lines.push(current);
      current = word;
    } else current = current === '' ? word : `${current} ${word}`;
  }
  lines.push(current);
  return lines.map((line, i) => (i === 0 ? indent : ' '.repeat(indent.length)) + line);
}
