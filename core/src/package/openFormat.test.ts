import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { questions } from '../ask/questions';
import { runsOf } from '../ask/questions/runsOf.fixture';
import { experimentFields, hazardCodes } from '../model';
import type { Fields } from '../model/fields';
import { toldResult } from '../write/toldResult';
import { columnOf, plainFields, tables, wordColumns } from './tables';

const page = readFileSync(join(import.meta.dirname, '../../../docs/open-format.md'), 'utf8');
const sectionOf = (heading: string) => page.split(/^## /m).find((section) => section.startsWith(heading)) ?? '';

/** Every key below a record, as the page writes it: `plan.stages[].hours`. Arms, units and measures have tables of their own. */
function keysOf(fields: Fields, path = ''): string[] {
  return Object.entries(fields).flatMap(([name, field]): string[] => {
    const own = `${path}${field.column ?? name}`;
    if (path === '' && ['name', 'title', 'created', 'arms', 'units', 'measures'].includes(name)) return [];
    const { shape } = field;
    if (shape.type === 'record') return keysOf(shape.fields, `${own}.`);
    return shape.type === 'list' && shape.of.type === 'record' ? keysOf(shape.of.fields, `${own}[].`) : [own];
  });
}

/** Every key of a result; those of facts are a rule's own, and those of steps are steps. */
function resultKeys(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(resultKeys);
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, own]) => [key, ...(key === 'facts' || key === 'steps' ? [] : resultKeys(own))]);
}

describe('docs/open-format.md names', () => {
  it('every key of the plan, and every hazard', () => {
    const section = sectionOf('datapackage.json');
    expect(keysOf(experimentFields).filter((key) => !section.includes(`| \`${key}\` |`))).toEqual([]);
    expect(hazardCodes.filter((code) => !section.includes(`\`${code}\``))).toEqual([]);
  });

  it.each(Object.values(tables))('every column of $file', ({ file, fields }) => {
    const section = sectionOf(file);
    const columns = plainFields(fields).map(([name, field]) => columnOf(name, field));
    expect(columns.filter((column) => !section.includes(`| \`${column}\` |`))).toEqual([]);
    expect(wordColumns(fields).filter(([, prefix]) => !section.includes(`\`${prefix}NAME\``))).toEqual([]);
  });

  it('every key of a result, of questions of every kind', () => {
    const section = sectionOf('The result');
    const kinds = new Set<string>();
    const chosen = questions.filter(({ measures, layout, arms }) => {
      const own = [layout, String(Object.keys(arms[0]?.factors ?? {}).length), ...measures.map(({ kind }) => kind)].filter(
        (kind) => !kinds.has(kind),
      );
      for (const kind of own) kinds.add(kind);
      return own.length > 0;
    });
    const keys = new Set(chosen.flatMap((question) => runsOf(question, 1)).flatMap((study) => resultKeys(toldResult(analyse(study)))));
    expect(keys.size).toBeGreaterThan(60);
    expect(
      [...keys].filter((key) => !section.includes(`\`${key}\``) && !section.includes(`\`${key}[]\``) && !section.includes(`.${key}\``)),
    ).toEqual([]);
  });
});
