import { DataTypes, type QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

const COLUMNS = ['began', 'ended'] as const;

/** A step that was done has a moment at which it began, and one at which it ended. */
export const stepTimes: Migration = {
  name: '0008-step-times',
  async up(query: QueryInterface) {
    for (const column of COLUMNS) await query.addColumn('care', column, { type: DataTypes.TEXT });
  },
  async down(query: QueryInterface) {
    for (const column of COLUMNS) await query.removeColumn('care', column);
  },
};
