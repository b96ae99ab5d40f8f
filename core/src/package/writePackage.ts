import Papa from 'papaparse';
import type { Study } from '../model';
import type { PackageFiles } from './readPackage';
import { tables, type Field } from './tables';

type Row = Readonly<Record<string, string | number | boolean | null>>;

/** Writes a study as an open experiment package: file name → text. Reading it back gives the same study. */
export function writePackage(study: Study): PackageFiles {
  const { experiment } = study;
  const factors = [...new Set(experiment.arms.flatMap((arm) => Object.keys(arm.factors)))];
  const rows: Record<string, readonly Row[]> = {
    arms: experiment.arms.map((arm) => ({
      arm: arm.arm,
      name: arm.name,
      role: arm.role,
      dose: arm.dose,
      dose_unit: arm.doseUnit,
      ...Object.fromEntries(factors.map((factor) => [`factor_${factor}`, arm.factors[factor] ?? null])),
    })),
    units: experiment.units.map((unit) => ({
      unit: unit.unit,
      arm: unit.arm,
      block: unit.block,
      container: unit.container,
      row: unit.row,
      column: unit.column,
      sown: unit.sown,
      lot: unit.lot,
      started_on: unit.startedOn,
      status: unit.status,
      status_reason: unit.statusReason,
    })),
    measures: experiment.measures.map((measure) => ({
      measure: measure.measure,
      name: measure.name,
      kind: measure.kind,
      unit: measure.unit,
      category: measure.category,
      higher_is: measure.higherIs,
      primary: measure.primary,
      smallest_difference: measure.smallestDifference,
      when: measure.when,
      rubric: measure.rubric.map(({ value, words }) => `${value} = ${words}`).join('; '),
      reading_days: measure.readingDays.join(' '),
    })),
    observations: study.observations.map((seen) => ({
      id: seen.id,
      unit: seen.unit,
      plant: seen.plant,
      measure: seen.measure,
      observed_on: seen.observedOn,
      value: seen.value,
      category: seen.category,
      observer: seen.observer,
      blinded: seen.blinded,
      source: seen.source,
      note: seen.note,
      replaces: seen.replaces,
    })),
    events: study.happenings.map((event) => ({ ...event, arms: event.arms.join(' '), units: event.units.join(' ') })),
    care: study.care.map((care) => ({
      id: care.id,
      on: care.on,
      unit: care.unit,
      arm: care.arm,
      kind: care.kind,
      amount: care.amount,
      amount_unit: care.amountUnit,
      note: care.note,
    })),
  };
  const fieldsOf = (name: string, fields: readonly Field[]): readonly Field[] =>
    name === 'arms'
      ? [...fields, ...factors.map((factor): Field => ({ name: `factor_${factor}`, type: 'string', required: true }))]
      : fields;
  const written = tables.filter((table) => !table.optional || rows[table.name].length > 0);
  const files: Record<string, string> = {};
  for (const table of written) {
    const names = fieldsOf(table.name, table.fields).map((field) => field.name);
    files[table.file] =
      Papa.unparse({ fields: names, data: rows[table.name].map((row) => names.map((name) => row[name])) }, { newline: '\r\n' }) + '\r\n';
  }
  const { arms: _arms, units: _units, measures: _measures, name, title, created, ...fern } = experiment;
  files['datapackage.json'] = JSON.stringify(
    {
      profile: 'tabular-data-package',
      name,
      title,
      created,
      resources: written.map((table) => ({
        name: table.name,
        path: table.file,
        profile: 'tabular-data-resource',
        encoding: 'utf-8',
        schema: {
          fields: fieldsOf(table.name, table.fields).map(schemaField),
          primaryKey: table.primaryKey,
          foreignKeys: table.foreignKeys.map(({ field, table: other, key }) => ({
            fields: field,
            reference: { resource: other === table.name ? '' : other, fields: key },
          })),
        },
      })),
      fern: { formatVersion: 1, ...Object.fromEntries(Object.entries(fern).filter(([, value]) => value !== null)) },
    },
    null,
    2,
  );
  return files;
}

function schemaField(field: Field): object {
  const constraints = {
    ...(field.required ? { required: true } : {}),
    ...(field.enum ? { enum: field.enum } : {}),
    ...(field.minimum === undefined ? {} : { minimum: field.minimum }),
  };
  return {
    name: field.name,
    // Dates with and without a time stand in one column, which Table Schema can only call text.
    type: field.type === 'moment' ? 'string' : field.type,
    ...(Object.keys(constraints).length > 0 ? { constraints } : {}),
  };
}
