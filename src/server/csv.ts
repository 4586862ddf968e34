import 'server-only';
import Papa from 'papaparse';

// A name must not run as a spreadsheet's formula, in full-width signs neither; a negative number is none.
const formula = /^(?:[=+@\uFF1D\uFF0B\uFF0D\uFF20\t\r\n]|-(?!\d+(?:\.\d+)?$))/;

/** A table as CSV for spreadsheets. */
export function csvText(table: readonly (readonly string[])[]): string {
  // The byte order mark tells spreadsheets that this is UTF-8.
  return `\uFEFF${Papa.unparse(
    table.map((row) => [...row]),
    { newline: '\r\n', escapeFormulae: formula },
  )}\r\n`;
}
