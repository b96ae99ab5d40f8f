import type { QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

/** A unit has a code, as arms and measures have; in stored documents the name of before is read (`formerly` of a field). */
export const unitCodes: Migration = {
  name: '0009-unit-codes',
  async up(query: QueryInterface) {
    await query.sequelize.query('ALTER TABLE units RENAME COLUMN unit TO code');
  },
  async down(query: QueryInterface) {
    await query.sequelize.query('ALTER TABLE units RENAME COLUMN code TO unit');
  },
};
