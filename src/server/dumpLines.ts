const name = '`\\w{1,64}`';
// Unrolled, so that a text is walked through once whatever stands in it.
const text = "'[^'\\\\]*(?:(?:\\\\.|'')[^'\\\\]*)*'";
const literal = `(?:NULL|-?\\d{1,30}(?:\\.\\d{1,30})?(?:e[+-]?\\d{1,3})?|0x[0-9A-Fa-f]*|(?:_binary )?${text})`;
const variable =
  '(?:@OLD_\\w{1,40}|@saved_cs_client|TIME_ZONE|UNIQUE_CHECKS|FOREIGN_KEY_CHECKS|SQL_MODE|SQL_NOTES|CHARACTER_SET_CLIENT|CHARACTER_SET_RESULTS|COLLATION_CONNECTION|character_set_client)';
const value = "(?:@@?\\w{1,40}|[01]|utf8mb4|'\\+00:00'|'NO_AUTO_VALUE_ON_ZERO')";
const assignment = `${variable} *= *${value}`;

const whole = (pattern: string) => new RegExp(`^${pattern}$`);
/** Lines between tables. */
const between = [
  '',
  '/\\*M!999999\\\\- enable the sandbox mode \\*/ ?',
  '--(?: [^\\\\]*)?',
  `/\\*!\\d{5} SET (?:NAMES utf8mb4|${assignment}(?:, ${assignment})*) \\*/;`,
  `/\\*!40000 ALTER TABLE ${name} (?:DISABLE|ENABLE) KEYS \\*/;`,
  `DROP TABLE IF EXISTS ${name};`,
  `LOCK TABLES ${name} WRITE;`,
  'UNLOCK TABLES;',
].map(whole);
const create = whole(`CREATE TABLE ${name} \\(`);
// What a column or a key of ours can be, and nothing else: no expression, no other engine, no comment that runs.
const type = `(?:(?:char|varchar|tinyint|smallint|int|bigint|datetime)\\(\\d{1,5}\\)|double|date|datetime|(?:tiny|medium|long)?(?:text|blob)|enum\\(${text}(?:,${text})*\\))`;
const words = '(?: CHARACTER SET \\w{1,20})?(?: COLLATE \\w{1,40})?(?: (?:NOT )?NULL)?';
const first = `(?: DEFAULT (?:NULL|-?\\d{1,15}(?:\\.\\d{1,15})?|${text}))?`;
const names = `\\(${name}(?:,${name})*\\)`;
const parts = [
  `${name} ${type}${words}${first}`,
  `PRIMARY KEY ${names}`,
  `(?:UNIQUE )?KEY ${name} ${names}`,
  `CONSTRAINT ${name} FOREIGN KEY ${names} REFERENCES ${name} ${names}(?: ON (?:DELETE|UPDATE) (?:CASCADE|RESTRICT|SET NULL|NO ACTION)){0,2}`,
];
const column = whole(` {2}(?:${parts.join('|')}),?`);
const created = /^\) ENGINE=InnoDB DEFAULT CHARSET=\w{1,20}(?: COLLATE=\w{1,40})?;$/;
const insert = whole(`INSERT INTO ${name} VALUES`);
const row = whole(`\\(${literal}(?:,${literal})*\\)([,;])`);

/**
 * Judges the lines of a dump of our own database, one after the other: tables are made and filled with literal values, nothing
 * else. Whatever an attacker puts into a dump beyond that (a command of the client, a routine, a right, another engine, an
 * expression) has no line here.
 *
 * @returns says of the next line whether it is one of a dump
 */
export function dumpJudge(): (line: string) => boolean {
  let place: 'between' | 'table' | 'rows' = 'between';
  return (line) => {
    if (place === 'table') {
      if (created.test(line)) place = 'between';
      else return column.test(line);
      return true;
    }
    if (place === 'rows') {
      const end = row.exec(line)?.[1];
      if (end === ';') place = 'between';
      return end !== undefined;
    }
    if (create.test(line)) place = 'table';
    else if (insert.test(line)) place = 'rows';
    else return between.some((pattern) => pattern.test(line));
    return true;
  };
}
