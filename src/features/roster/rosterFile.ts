import Papa from 'papaparse';
import { readRosterTable, rosterTable } from '@/core/people/rosterText';
import type { RosterBench } from '@/core/people/class';
import type { RosterTable } from '@/core/people/rosterText';

/** Reads the text of a CSV file, whatever its separator. */
export function readTable(text: string): RosterTable {
  return readRosterTable(Papa.parse<string[]>(text.trim(), { skipEmptyLines: true }).data);
}

/** An address under which the browser saves the roster as CSV. */
export function tableAddress(section: string, benches: readonly RosterBench[]): string {
  const csv = Papa.unparse(
    rosterTable(section, benches).map((row) => [...row]),
    { newline: '\r\n', escapeFormulae: true },
  );
  return `data:text/csv;charset=utf-8,${encodeURIComponent(`\uFEFF${csv}\r\n`)}`;
}
