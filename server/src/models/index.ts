import { DataTypes, Model, type ModelStatic, type Sequelize } from 'sequelize';
import type { Care, Observation, Unit } from '@fern/core';

export interface AccountRow {
  id: string;
  name: string;
  password: string;
  demo: boolean;
  createdAt: string;
}

export interface SessionRow {
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
}

export type UnitRow = Unit & { readonly experimentId: string; readonly position: number };
export type ObservationRow = Observation & { readonly experimentId: string; readonly receivedAt: string };
export type CareRow = Care & { readonly experimentId: string };

/** As a happening, with its codes as JSON. */
export interface HappeningRow {
  experimentId: string;
  id: string;
  on: string;
  kind: string;
  arms: string;
  units: string;
  note: string;
}

type Table<Row extends object> = ModelStatic<Model<Row, Row> & Row>;

export interface Models {
  readonly accounts: Table<AccountRow>;
  readonly sessions: Table<SessionRow>;
  readonly experiments: Table<ExperimentRow>;
  readonly units: Table<UnitRow>;
  readonly observations: Table<ObservationRow>;
  readonly happenings: Table<HappeningRow>;
  readonly care: Table<CareRow>;
}

// A new object each time: Sequelize writes the column's name into it.
const key = () => ({ type: DataTypes.TEXT, primaryKey: true });
const text = DataTypes.TEXT;

/** The tables as the migrations made them. */
export function defineModels(sequelize: Sequelize): Models {
  const table = <Row extends object>(name: string, columns: Parameters<Sequelize['define']>[1]) =>
    sequelize.define(name, columns, { tableName: name, timestamps: false }) as unknown as Table<Row>;
  return {
    accounts: table<AccountRow>('accounts', { id: key(), name: text, password: text, demo: DataTypes.BOOLEAN, createdAt: text }),
    sessions: table<SessionRow>('sessions', { digest: key(), accountId: text, expiresAt: text }),
    experiments: table<ExperimentRow>('experiments', {
      id: key(),
      ownerId: text,
      version: DataTypes.INTEGER,
      document: text,
      changedAt: text,
    }),
    units: table<UnitRow>('units', {
      experimentId: key(),
      unit: key(),
      position: DataTypes.INTEGER,
      arm: text,
      block: text,
      container: text,
      row: DataTypes.INTEGER,
      column: DataTypes.INTEGER,
      sown: DataTypes.INTEGER,
      lot: text,
      startedOn: text,
      status: text,
      statusReason: text,
    }),
    observations: table<ObservationRow>('observations', {
      experimentId: key(),
      id: key(),
      unit: text,
      plant: text,
      measure: text,
      observedOn: text,
      value: DataTypes.DOUBLE,
      category: text,
      observer: text,
      blinded: DataTypes.BOOLEAN,
      source: text,
      note: text,
      replaces: text,
      receivedAt: text,
    }),
    happenings: table<HappeningRow>('happenings', {
      experimentId: key(),
      id: key(),
      on: text,
      kind: text,
      arms: text,
      units: text,
      note: text,
    }),
    care: table<CareRow>('care', {
      experimentId: key(),
      id: key(),
      on: text,
      unit: text,
      arm: text,
      kind: text,
      amount: DataTypes.DOUBLE,
      amountUnit: text,
      note: text,
    }),
  };
}
