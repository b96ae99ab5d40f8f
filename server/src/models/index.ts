import { DataTypes, Model, type ModelAttributes, type ModelStatic, type Sequelize } from 'sequelize';
import type { ActivityKind } from '@fern/contract';
import { careFields, incidentFields, observationFields, photoFields, unitFields, type Unit } from '@fern/core';
import { columnsOf } from './columns';

interface AccountRow {
  id: string;
  name: string;
  password: string;
  demo: boolean;
  createdAt: string;
}

interface SessionRow {
  digest: string;
  accountId: string;
  expiresAt: string;
}

export interface ExperimentRow {
  id: string;
  ownerId: string;
  version: number;
  /** The experiment without its units, as JSON. */
  document: string;
  changedAt: string;
  /** Digest of what the client sent to make it; null where it sent no key. */
  madeFrom: string | null;
  /** Time; null where it is not in the bin. */
  deletedAt: string | null;
}

/** Something that was done, as its owner reads it. */
interface HistoryRow {
  id: string;
  accountId: string;
  experimentId: string | null;
  /** Of the experiment, as it was then. */
  title: string | null;
  at: string;
  what: ActivityKind;
  detail: string | null;
}

export type UnitRow = Unit & { readonly experimentId: string; readonly position: number };
/** A record of an experiment as it is stored. */
type RecordRow = Readonly<Record<string, unknown>> & { readonly experimentId: string };

type Table<Row extends object> = ModelStatic<Model<Row, Row> & Row>;

export interface Models {
  readonly accounts: Table<AccountRow>;
  readonly sessions: Table<SessionRow>;
  readonly experiments: Table<ExperimentRow>;
  readonly history: Table<HistoryRow>;
  readonly units: Table<UnitRow>;
  readonly observations: Table<RecordRow>;
  readonly incidents: Table<RecordRow>;
  readonly care: Table<RecordRow>;
  readonly photos: Table<RecordRow>;
}

// A new object each time: Sequelize writes the column's name into it.
const key = () => ({ type: DataTypes.TEXT, primaryKey: true });
const text = DataTypes.TEXT;

/** The tables as the migrations made them. */
export function defineModels(sequelize: Sequelize): Models {
  const table = <Row extends object>(name: string, columns: ModelAttributes<Model<Row, Row> & Row>) =>
    sequelize.define<Model<Row, Row> & Row>(name, columns, { tableName: name, timestamps: false });
  return {
    accounts: table<AccountRow>('accounts', { id: key(), name: text, password: text, demo: DataTypes.BOOLEAN, createdAt: text }),
    sessions: table<SessionRow>('sessions', { digest: key(), accountId: text, expiresAt: text }),
    experiments: table<ExperimentRow>('experiments', {
      id: key(),
      ownerId: text,
      version: DataTypes.INTEGER,
      document: text,
      changedAt: text,
      madeFrom: text,
      deletedAt: text,
    }),
    history: table<HistoryRow>('history', {
      ...{ id: key(), accountId: text, experimentId: text, title: text, at: text, what: text, detail: text },
    }),
    units: table<UnitRow>('units', { experimentId: key(), position: DataTypes.INTEGER, ...columnsOf(unitFields, ['code']) }),
    observations: table<RecordRow>('observations', { experimentId: key(), receivedAt: text, ...columnsOf(observationFields, ['id']) }),
    incidents: table<RecordRow>('incidents', { experimentId: key(), ...columnsOf(incidentFields, ['id']) }),
    care: table<RecordRow>('care', { experimentId: key(), ...columnsOf(careFields, ['id']) }),
    photos: table<RecordRow>('photos', { experimentId: key(), ...columnsOf(photoFields, ['id']) }),
  };
}
