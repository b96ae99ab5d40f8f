import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { describeProblem } from './Problem';
import { readTable } from './readTable';
import { tables } from './tables';

const arms = (csv: string) => readTable(tables.arms, csv);
const observations = (row: string) => readTable(tables.observations, `id,unit,measure,observed_on,value\n${row}\n`);
const lines = (read: Pick<ReturnType<typeof arms>, 'problems'>) => read.problems.map(describeProblem);

describe('one table (RFC 4180)', () => {
  it('reads quotes, commas, doubled quotes and line breaks within a cell', () => {
    const { rows, problems } = arms('arm,name,role\r\nC,"Water, ""soft""\r\nfrom the tap",control\r\n');
    expect(problems).toEqual([]);
    expect(rows).toHaveLength(1);
    expect(rows[0]).toMatchObject({ row: 2, record: { code: 'C', name: 'Water, "soft"\r\nfrom the tap', role: 'control' } });
  });

  it('takes columns in any order and leaves those it does not know', () => {
    const { rows, problems } = arms('colour,role,name,arm\nred,control,Water,C\n');
    expect(problems).toEqual([]);
    expect(itemAt(rows, 0).record).toMatchObject({ code: 'C', name: 'Water', role: 'control' });
    expect(itemAt(rows, 0).record).not.toHaveProperty('colour');
  });

  it('reads the levels of factors as columns of arms', () => {
    expect(itemAt(arms('arm,name,role,factor_light\nC,Water,control,lamp\n').rows, 0).record).toMatchObject({ factors: { light: 'lamp' } });
    expect(itemAt(arms('arm,name,role,factor_light,factor_bath\nD,Dry,reference,,\n').rows, 0).record).toMatchObject({ factors: {} });
    expect(lines(arms('arm,name,role,factor_light,factor_bath\nC,Water,control,,long\n'))).toEqual([
      'arms.csv:2:factor_light: is empty; expected text',
    ]);
  });

  it.each<[string, string, string[]]>([
    ['an empty file', '', [expect.stringMatching(/^arms\.csv:1:-: the file is empty; expected a header with arm, name, role/)]],
    ['a missing column', 'arm,name\nC,Water\n', ['arms.csv:1:role: the column is missing; expected it in the header']],
    ['a column twice', 'arm,name,name,role\nC,Water,Water,control\n', ['arms.csv:1:name: the column stands twice; expected once']],
    ['a key twice', 'arm,name,role\nC,A,control\nC,B,treatment\n', ['arms.csv:3:arm: "C" already stands in row 2; expected each arm once']],
    ['a row that is too long', 'arm,name,role\nC,Water,control,more\n', ['arms.csv:2:-: 4 cells; expected 3 as in the header']],
    ['an empty cell that is needed', 'arm,name,role\n,Water,control\n', [expect.stringMatching(/^arms\.csv:2:arm: is empty; expected/)]],
  ])('names %s', (_, csv, expected) => {
    expect(lines(arms(csv))).toEqual(expected);
  });

  it.each<[string, number]>([
    ['12', 12],
    ['-0.5', -0.5],
    ['.5', 0.5],
    ['5.', 5],
    ['1e3', 1000],
    ['+2', 2],
    [' 7 ', 7],
  ])('reads "%s" as the number %d', (raw, value) => {
    const { rows, problems } = observations(`o1,P1,height,2026-04-14,${raw}`);
    expect(problems).toEqual([]);
    expect(itemAt(rows, 0).record.value).toBe(value);
  });

  it.each(['12 cm', '1;5', '0x10', 'Infinity', 'NaN', '1e999', '--1', '1_000'])('does not take "%s" for a number', (raw) => {
    expect(lines(observations(`o1,P1,height,2026-04-14,${raw}`))).toEqual([
      `observations.csv:2:value: "${raw}" is not a number, like 12.5`,
    ]);
  });

  it.each(['2026-02-29', '2026-4-14', '14.04.2026', '2026-04-14T25:00:00Z'])('does not take "%s" for a moment', (raw) => {
    expect(lines(observations(`o1,P1,height,${raw},1`))).toEqual([
      `observations.csv:2:observed_on: "${raw}" is not a date or date-time, like 2026-04-14 or 2026-04-14T09:30:00Z`,
    ]);
  });
});
