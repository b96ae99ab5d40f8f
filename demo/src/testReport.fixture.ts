import { expect, it } from 'vitest';
import { analyse, liveIncidents, markdown, primaryOf, report, reportLengths, reportText, type Block, type Study } from '@fern/core';
import { TODAY } from './everyStudy.fixture';

/** Headings with nothing under them before the next of their level or above. */
function emptySections(blocks: readonly Block[]): string[] {
  return blocks.flatMap((block, i) => {
    const next = blocks[i + 1];
    if (block.kind !== 'heading' || block.level === 1) return [];
    const isEmpty = next === undefined || (next.kind === 'heading' && next.level <= block.level);
    return isEmpty || (next.kind === 'list' && next.items.length === 0) ? [block.text] : [];
  });
}

/** Sentences of running text that stand twice. */
function saidTwice(blocks: readonly Block[]): string[] {
  const running = blocks.filter(({ kind }) => kind === 'paragraph' || kind === 'list' || kind === 'own');
  const sentences = reportText(running)
    .filter((line) => line !== 'Not written yet.')
    .flatMap((line) => line.split(/(?<=[.!?]) (?=[A-Z])/))
    .filter((sentence) => sentence.split(' ').length > 3);
  return sentences.filter((sentence, i) => sentences.indexOf(sentence) !== i);
}

/** Tests a report in every length. */
export function testReport(study: Study): void {
  const result = analyse(study, { today: TODAY });
  const primary = primaryOf(result.measures);

  it.each(reportLengths.map(({ length }) => length))(
    '%s: nothing empty, no sign of a program, nothing said twice, its verdict with its interval, every mishap',
    (length) => {
      const blocks = report(study, result, length);
      const text = reportText(blocks);
      expect(emptySections(blocks)).toEqual([]);
      const machine = /undefined|NaN|\[object|10\^|\bnull\b(?! hypothesis)/;
      expect(text.filter((line) => machine.test(line) && line !== 'Hypothesis and null')).toEqual([]);
      expect(saidTwice(blocks)).toEqual([]);
      expect(text.filter((line) => / {2}|\.\.(?!\.)| ,|\( |,\./.test(line.trim()))).toEqual([]);
      if (primary && study.observations.length > 0) {
        expect(text).toContain(primary.verdict.sentence);
        const lead = primary.comparisons.find(({ verdict }) => verdict === primary.verdict.code);
        if (lead?.difference.ci95 && !result.review.some(({ severity }) => severity === 'blocker'))
          expect(primary.verdict.sentence).toMatch(/95% confidence interval/);
      }
      for (const { note } of liveIncidents(study)) expect(text.join('\n')).toContain(note.trim().replace(/\.$/, ''));
      const lost = study.experiment.units.filter(({ status }) => status === 'lost' || status === 'excluded');
      for (const { code: unit } of lost) expect(text.filter((line) => line.includes(unit)).join('\n')).toContain(unit);
      expect(markdown(blocks)).not.toMatch(/undefined|NaN|\[object/);
    },
  );
}
