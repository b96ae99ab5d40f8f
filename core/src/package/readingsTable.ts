import { daysBetween, byCode, type Observation, type Study } from '../model';
import { startOf } from '../study/curves';

type Cell = string | number | null;

/** A column of the readings as a person opens them in a spreadsheet. */
interface Column {
  readonly name: string;
  /** What it holds, for the codebook. */
  readonly meaning: string;
  readonly cell: (seen: Observation, study: Study) => Cell;
}

const unitOf = ({ unit }: Observation, { experiment }: Study) => byCode(experiment.units, unit);
const measureOf = ({ measure }: Observation, { experiment }: Study) => byCode(experiment.measures, measure);

const columns: readonly Column[] = [
  { name: 'unit', meaning: 'Code of the unit (each counts once).', cell: ({ unit }) => unit },
  { name: 'arm', meaning: 'Code of its group.', cell: (seen, study) => unitOf(seen, study)?.arm ?? null },
  {
    name: 'arm_name',
    meaning: 'Name of its group.',
    cell: (seen, study) => study.experiment.arms.find(({ code: arm }) => arm === unitOf(seen, study)?.arm)?.name ?? null,
  },
  {
    name: 'block',
    meaning: 'Block or pair within which the groups were assigned; empty where there is none.',
    cell: (seen, study) => unitOf(seen, study)?.block ?? null,
  },
  { name: 'sown', meaning: 'Seeds or cuttings put into the unit.', cell: (seen, study) => unitOf(seen, study)?.sown ?? null },
  {
    name: 'status',
    meaning: 'active, ended, lost or excluded; lost and excluded units are not compared at the end.',
    cell: (seen, study) => unitOf(seen, study)?.status ?? null,
  },
  { name: 'plant', meaning: 'Which plant within the unit; empty for the unit as a whole.', cell: ({ plant }) => plant },
  { name: 'measure', meaning: 'Code of what was measured.', cell: ({ measure }) => measure },
  { name: 'measure_name', meaning: 'Name of what was measured.', cell: (seen, study) => measureOf(seen, study)?.name ?? null },
  { name: 'unit_of_measure', meaning: 'Unit of the value.', cell: (seen, study) => measureOf(seen, study)?.unit ?? null },
  {
    name: 'day',
    meaning: 'Days after the unit’s start.',
    cell: (seen, study) => {
      const unit = unitOf(seen, study);
      const start = unit ? startOf(unit, study.experiment) : null;
      return start === null ? null : daysBetween(start, seen.observedOn);
    },
  },
  { name: 'date', meaning: 'Day on which it was read.', cell: ({ observedOn }) => observedOn },
  { name: 'value', meaning: 'The reading; empty where nothing could be read.', cell: ({ value }) => value },
  { name: 'category', meaning: 'What was counted, or the step of a rating.', cell: ({ category }) => category },
  { name: 'absent', meaning: 'Why there is no value: not-read, or nothing-there.', cell: ({ absent }) => absent },
  { name: 'observer', meaning: 'Who read it.', cell: ({ observer }) => observer },
  { name: 'blinded', meaning: 'yes where the group was not known.', cell: ({ blinded }) => (blinded ? 'yes' : 'no') },
  { name: 'note', meaning: 'What was written beside it.', cell: ({ note }) => note },
  { name: 'id', meaning: 'Name of the reading.', cell: ({ id }) => id },
  { name: 'replaces', meaning: 'Name of the reading that it corrects; that one does not count.', cell: ({ replaces }) => replaces },
];

/** A table for a spreadsheet, with a sheet that says what its columns hold. */
export interface ReadingsTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly Cell[])[];
  readonly codebook: { readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };
}

/**
 * Every reading in a row, corrected ones too, and a codebook: what each column holds, each arm, each measure.
 * @returns cells as they are: numbers as numbers
 */
export function readingsTable(study: Study): ReadingsTable {
  const { arms, measures } = study.experiment;
  return {
    head: columns.map(({ name }) => name),
    rows: study.observations.map((seen) => columns.map(({ cell }) => cell(seen, study))),
    codebook: {
      head: ['what', 'name', 'meaning'],
      rows: [
        ...columns.map(({ name, meaning }) => ['column', name, meaning]),
        ...arms.map(({ code: arm, name, role }) => ['arm', arm, `${name} (${role})`]),
        ...measures.map(({ code: measure, name, unit, rubric, derived }) => [
          'measure',
          measure,
          [
            `${name}${unit === '' ? '' : `, ${unit}`}`,
            ...rubric.map(({ value, words }) => `${value} = ${words}`),
            ...(derived === null ? [] : [`worked out as ${derived}`]),
          ].join('; '),
        ]),
      ],
    },
  };
}
