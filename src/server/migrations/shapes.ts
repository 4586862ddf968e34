import { DataTypes } from 'sequelize';
import type { ModelAttributes, QueryInterface } from 'sequelize';

// How a step of the schema is written: columns by their kind, and tables.

/**
 * One step of the schema: exactly one DDL statement each way, since MariaDB commits DDL by itself. A step may run again: a process
 * that died between running it and noting it must not stop the next one.
 */
export interface Migration {
  readonly name: string;
  readonly up: (schema: QueryInterface) => Promise<unknown>;
  readonly down: (schema: QueryInterface) => Promise<unknown>;
}

export const asciiCode = 'CHAR(26) CHARACTER SET ascii COLLATE ascii_bin';
export const code = (length: number) => ({
  type: `CHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`,
  allowNull: false,
});
export const id = { ...code(26), primaryKey: true };
export const reference = (table: string, allowNull = false) => ({
  ...code(26),
  allowNull,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
});
export const time = (allowNull = false) => ({ type: DataTypes.DATE(3), allowNull });
export const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });

export function table(
  name: string,
  columns: ModelAttributes,
  uniqueKeys: Record<string, { fields: string[] }> = {},
): Migration {
  return {
    name: `create-${name}`,
    up: (schema) => schema.createTable(name, columns, { charset: 'utf8mb4', uniqueKeys }),
    down: (schema) => schema.dropTable(name),
  };
}

export const asciiHash = 'CHAR(64) CHARACTER SET ascii COLLATE ascii_bin';
export const keyName = 'VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin';
export const kind = 'VARCHAR(10) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';
export const entryCode = 'VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin';

/** A column of its own for what stands in a document too. */
export const column = (name: string, key: string, type: string): Migration => ({
  name: `${key}-of-${name}`,
  up: (schema) => schema.sequelize.query(`ALTER TABLE ${name} ADD COLUMN IF NOT EXISTS ${key} ${type}`),
  down: (schema) => schema.sequelize.query(`ALTER TABLE ${name} DROP COLUMN IF EXISTS ${key}`),
});
export const filled = (name: string, key: string, sql: string): Migration => ({
  name: `${key}-of-stored-${name}`,
  up: (schema) => schema.sequelize.query(sql),
  down: () => Promise.resolve(),
});

/** A column that joins a row to a course; nothing when it belongs to none. */
export const withCourse = (name: string): Migration => ({
  name: `course-of-${name}`,
  up: (schema) => schema.sequelize.query(`ALTER TABLE ${name} ADD COLUMN IF NOT EXISTS course_id ${asciiCode} NULL`),
  down: (schema) => schema.sequelize.query(`ALTER TABLE ${name} DROP COLUMN IF EXISTS course_id`),
});

// What both tables of prints hold: of the first, everything but what it is of.
export const printing: ModelAttributes = {
  id,
  sheet: code(20),
  // For the server's own browser; empty once it is done.
  ticket: code(40),
  ticket_hash: code(64),
  state: code(12),
  pages: { type: DataTypes.INTEGER, allowNull: true },
  says: { ...text(300), defaultValue: '' },
  pdf: { type: DataTypes.BLOB('medium'), allowNull: true },
  requested_by: code(26),
  created_at: time(),
  taken_at: time(true),
  ended_at: time(true),
};
export const printJobs: ModelAttributes = {
  ...printing,
  preparation_id: reference('preparations'),
  version: { type: DataTypes.INTEGER, allowNull: false },
};
