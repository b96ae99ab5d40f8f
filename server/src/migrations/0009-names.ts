import type { QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

/** A unit has a code, and what happened is an incident; in stored documents the name of before is read (`formerly` of a field). */
export const names: Migration = {
  name: '0009-names',
  async up(query: QueryInterface) {
    await query.sequelize.query('ALTER TABLE units RENAME COLUMN unit TO code');
    await query.sequelize.query('ALTER TABLE happenings RENAME TO incidents');
  },
  async down(query: QueryInterface) {
    await query.sequelize.query('ALTER TABLE incidents RENAME TO happenings');
    await query.sequelize.query('ALTER TABLE units RENAME COLUMN code TO unit');
  },
};
