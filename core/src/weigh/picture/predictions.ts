import { kindOf } from '../../kinds';
import { foretoldRow, signedBy } from '../predictionOutcomes';
import { type Shown } from './parts';
import { fourFigures, span } from '../../words/weigh/figures';
import { seenAs, predictedWords } from '../../words/weigh/pictureWords';
import type { Picture, Series } from './Picture';

/**
 * The sizes that were foretold beside the difference that came, on one axis.
 * @param shown the measure that decides, with its study and result
 * @returns null where nobody foretold a size, or nothing came yet
 */
export function predictionsPicture({ study: { experiment }, measure, result }: Shown): Picture | null {
  const row = foretoldRow(experiment, result);
  const said = experiment.plan.predictions.flatMap((prediction) => {
    const by = prediction.way === 'same' ? 0 : signedBy(prediction);
    return by === null ? [] : [{ person: prediction.person, by }];
  });
  if (row === null || row.difference.value === null || said.length === 0) return null;
  const { scale, unit } = kindOf(measure).wording(measure, result.share);

  const came = row.difference.value * scale;
  const ends = row.difference.ci95 && ([row.difference.ci95[0] * scale, row.difference.ci95[1] * scale] as const);
  const hits = ends && said.filter(({ by }) => by >= ends[0] && by <= ends[1]).length;
  const title = predictedWords.title(hits, said.length);
  const series: Series[] = [
    { code: 'came', name: 'What came', role: 'control' },
    { code: 'said', name: 'Predicted', role: 'treatment' },
  ];
  return {
    id: `${measure.code}.foretold`,
    title,
    sentence: seenAs(title, [predictedWords.came(came), predictedWords.said(said)]),
    note: predictedWords.note,
    x: {
      label: `${measure.name}: ${row.names[0]} against ${row.names[1]}${unit === '' ? '' : `, ${unit}`}`,
    },
    y: { label: '', names: ['What came', ...said.map(({ person }) => person)] },
    series,
    keyed: false,
    marks: [
      { kind: 'rule', axis: 'x', at: 0, words: 'no difference' },
      {
        kind: 'means',
        series: 'came',
        along: 'x',
        points: [{ at: 0, value: came, lo: ends?.[0] ?? null, hi: ends?.[1] ?? null, words: `it came to ${fourFigures(came)}` }],
      },
      {
        kind: 'dots',
        series: 'said',
        points: said.map(({ person, by }, i) => ({ x: by, y: i + 1, words: `${person}: ${fourFigures(by)}` })),
      },
    ],
    table: {
      head: ['Who', 'Size', '95% CI'],
      rows: [['What came', fourFigures(came), span(ends)], ...said.map(({ person, by }) => [person, fourFigures(by), ''])],
      numbersFrom: 1,
    },
  };
}
