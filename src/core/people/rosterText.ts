import type { RosterBench } from './class';

/**
 * Benches typed one a line, members behind a colon and apart by commas.
 *
 * @example readRosterLines('Knot: A. Reed, B. Sedge') // → [{"name":"Knot","members":["A. Reed","B. Sedge"]}]
 */
export function readRosterLines(text: string): readonly RosterBench[] {
  return text.split('\n').flatMap((line) => {
    const [name = '', ...rest] = line.split(':');
    return name.trim() === '' ? [] : [{ name: name.trim(), members: listed(rest.join(':')) }];
  });
}

/** Names apart by commas or semicolons. */
function listed(text: string): readonly string[] {
  return text
    .split(/[,;]/)
    .map((name) => name.trim())
    .filter(Boolean);
}

/** The lines that {@link readRosterLines} reads back. */
export function rosterLines(benches: readonly RosterBench[]): string {
  return benches.map(({ name, members }) => (members.length > 0 ? `${name}: ${members.join(', ')}` : name)).join('\n');
}

/** A roster read from a table: benches with members, or what is wrong, by the line of the table. */
export type RosterTable =
  | { readonly ok: true; readonly section?: string; readonly benches: readonly RosterBench[] }
  | { readonly ok: false; readonly problems: readonly string[] };

const columns = ['section', 'bench', 'member'];

/**
 * Reads the rows of a roster: columns bench and member, and section where all rows agree; one row a person. A bench without
 * people has a row with an empty member.
 */
export function readRosterTable(rows: readonly (readonly string[])[]): RosterTable {
  const [head = [], ...body] = rows.map((row) => row.map((cell) => cell.replace('\uFEFF', '').trim()));
  const at = columns.map((column) => head.findIndex((cell) => cell.toLowerCase() === column)) as [
    number,
    number,
    number,
  ];
  const [sectionAt, benchAt, memberAt] = at;
  if (benchAt < 0 || memberAt < 0)
    return {
      ok: false,
      problems: ['The first line names the columns: bench and member, and section if there is one.'],
    };
  const benches = new Map<string, { readonly name: string; readonly members: string[] }>();
  const sections = new Set<string>();
  const problems: string[] = [];
  for (const [i, row] of body.entries()) {
    if (row.every((cell) => cell === '')) continue;
    const [name = '', member = ''] = [row[benchAt], row[memberAt]];
    if (name === '') problems.push(`Line ${i + 2}: the bench is missing.`);
    else if (name.length > 40 || member.length > 80) problems.push(`Line ${i + 2}: a name is too long.`);
    const bench = benches.get(name.toLowerCase()) ?? { name, members: [] };
    benches.set(name.toLowerCase(), bench);
    if (member && bench.members.includes(member)) problems.push(`Line ${i + 2}: ${member} is at ${name} already.`);
    else if (member) bench.members.push(member);
    if (sectionAt >= 0 && row[sectionAt]) sections.add(row[sectionAt]);
  }
  if (sections.size > 1) problems.push(`The table has ${sections.size} sections; a class has one.`);
  if (benches.size === 0) problems.push('The table has no benches.');
  const [section] = sections;
  return problems.length > 0
    ? { ok: false, problems }
    : { ok: true, benches: [...benches.values()], ...(section === undefined ? {} : { section }) };
}

/** The table that {@link readRosterTable} reads back. */
export function rosterTable(section: string, benches: readonly RosterBench[]): readonly (readonly string[])[] {
  return [
    columns,
    ...benches.flatMap(({ name, members }) =>
      (members.length > 0 ? members : ['']).map((member) => [section, name, member]),
    ),
  ];
}
