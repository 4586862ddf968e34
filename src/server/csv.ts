import 'server-only';
import Papa from 'papaparse';

// A name must not run as a spreadsheet's formula; a negative number is none.
const formula = /^(?:[=+@\t\r]|-(?!\d+(?:\.\d+)?$))/;

/** A table as CSV for spreadsheets. */
export function csvText(table: readonly (readonly string[])[]): string {
  // The byte order mark tells spreadsheets that this is UTF-8.
  return `\uFEFF${Papa.unparse(
    table.map((row) => [...row]),
    { newline: '\r\n', escapeFormulae: formula },
  )}\r\n`;
}
