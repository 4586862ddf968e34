import { parseEntered } from '../words/parseEntered';
import { parseFormula } from '../compound/parseFormula';
import { roles } from '../document/document';
import type { Entered, LineRole } from '../document/document';

/** A row of a table from elsewhere, as a line of the charge table. */
export interface PastedRow {
  /** Line of the text, from 1. */
  readonly line: number;
  readonly name: string;
  readonly role: LineRole;
  /** Absent where no cell is an amount. */
  readonly entered?: Entered;
  readonly formula?: string;
  readonly note?: string;
  /** What of the row was not understood. */
  readonly says?: string;
}

// More is no charge table.
const mostRows = 60;

type Column = 'name' | 'amount' | 'role' | 'formula' | 'note' | 'other';

const headers: readonly (readonly [Column, RegExp])[] = [
  ['formula', /\bformula\b/i],
  ['role', /\b(role|function|use|type)\b/i],
  ['other', /\b(molar mass|molecular|mol\.? ?wt|mw|m\.?w\.?|m, g|density|cas|mp|bp|melting|boiling|hazards?)\b/i],
  ['amount', /\b(amount|mass|weight|volume|quantity|equiv\w*|eq\.?|m?mol\w*|charge|measure)\b/i],
  ['note', /\b(notes?|remarks?|comments?)\b/i],
  ['name', /\b(name|substance|compound|reagent|material|chemical|reactant)\b/i],
];

const words: readonly (readonly [LineRole, RegExp])[] = [
  ['reactant', /starting|substrate|limiting|reactant/i],
  ['reagent in excess', /reagent|excess/i],
  ['catalyst', /cataly/i],
  ['drying agent', /dry/i],
  ['extractant', /extract/i],
  ['wash', /wash/i],
  ['quench', /quench|neutrali/i],
  ['rinse', /rins/i],
  ['solvent', /solvent/i],
  ['aid', /aid|charcoal|seed|chips/i],
];

interface Head {
  readonly column: Column;
  /** Unit of a bare number under it. */
  readonly unit: string;
}

/**
 * Rows of a spreadsheet or a table: separated by tabs, semicolons or commas, with or without a row of headings. A cell that reads as an
 * amount is one; a bare number takes the unit of its heading ("Mass / g"). Of several amounts of a row the first one counts.
 */
export function readRows(text: string): readonly PastedRow[] {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
  const sign = ['\t', ';', ','].find((one) => lines.some((line) => line.includes(one))) ?? '\t';
  const table = lines.flatMap((line, i) => (line.trim() === '' ? [] : [{ line: i + 1, cells: cellsOf(line, sign) }]));
  const [first] = table;
  const heads = first && headsOf(first.cells);
  return (heads ? table.slice(1) : table).slice(0, mostRows).flatMap(({ line, cells }) => {
    const row = rowOf(cells, heads ?? []);
    return row ? [{ line, ...row }] : [];
  });
}

/** Cells of a line; a quoted one may hold the separator, and a quote twice. */
function cellsOf(line: string, sign: string): readonly string[] {
  const cells: string[] = [];
  let [cell, quoted] = ['', false];
  for (let i = 0; i < line.length; i += 1) {
    const c = line.charAt(i);
    if (c === '"' && quoted && line.charAt(i + 1) === '"') {
      cell += c;
      i += 1;
    } else if (c === '"' && (quoted || cell.trim() === '')) quoted = !quoted;
    else if (c === sign && !quoted) {
      cells.push(cell);
      cell = '';
    } else cell += c;
  }
  return [...cells, cell].map((one) => one.trim());
}

function headsOf(cells: readonly string[]): readonly Head[] | undefined {
  const heads = cells.map((cell): Head => {
    const column = headers.find(([, pattern]) => pattern.test(cell))?.[0] ?? 'other';
    const unit = /(?:[/(,[]|in)\s*(mg|g|kg|µL|mL|L|mmol|mol|equiv|mol %)\s*[)\]]?\s*$/i.exec(cell)?.[1];
    const bare = /^(mg|g|mL|mmol|mol)$/.exec(cell)?.[1] ?? (/equiv|^eq\b/i.test(cell) ? 'equiv' : undefined);
    const molar = /mmol/i.test(cell) ? 'mmol' : undefined;
    return { column: bare ? 'amount' : column, unit: unit ?? bare ?? molar ?? '' };
  });
  const isAmount = cells.some((cell) => entered(cell, '') !== undefined);
  return !isAmount && heads.some(({ column }) => column !== 'other') ? heads : undefined;
}

function rowOf(cells: readonly string[], heads: readonly Head[]): Omit<PastedRow, 'line'> | undefined {
  const under = (column: Column) => cells.find((cell, i) => heads[i]?.column === column && cell !== '');
  const named = heads.some(({ column }) => column === 'name');
  const name = (named ? under('name') : cells.find((cell) => cell !== '')) ?? '';
  if (name === '') return undefined;
  const rest = cells.flatMap((cell, i) => (cell === '' || cell === name ? [] : [{ cell, head: heads[i] }]));
  const amounts = rest.flatMap(({ cell, head }) =>
    head && head.column !== 'amount' ? [] : (entered(cell, head?.unit ?? '') ?? []),
  );
  const roleText = under('role') ?? rest.find(({ cell, head }) => !head && isRole(cell))?.cell;
  const [amount] = amounts;
  const formula = under('formula') ?? rest.find(({ cell, head }) => !head && isFormula(cell))?.cell;
  const note = under('note');
  const odd = rest.find(({ cell, head }) => head?.column === 'amount' && entered(cell, head.unit) === undefined)?.cell;
  return {
    name: name.slice(0, 120),
    role: roleOf(roleText) ?? guessed(amounts),
    ...(amount ? { entered: amount } : {}),
    ...(formula !== undefined && isFormula(formula) ? { formula } : {}),
    ...(note === undefined ? {} : { note: note.slice(0, 400) }),
    ...(odd === undefined ? {} : { says: `“${odd}” is not read as an amount` }),
  };
}

const isRole = (cell: string) => (roles as readonly string[]).includes(cell.toLowerCase());
const isFormula = (cell: string) => /[A-Z]/.test(cell) && !/\s/.test(cell) && parseFormula(cell).ok;

function roleOf(cell: string | undefined): LineRole | undefined {
  if (cell === undefined) return undefined;
  return (
    roles.find((role) => role === cell.trim().toLowerCase()) ?? words.find(([, pattern]) => pattern.test(cell))?.[0]
  );
}

/** Where no role is said: what is counted in moles reacts, a bare volume is a solvent. */
function guessed(amounts: readonly Entered[]): LineRole {
  if (amounts.some(({ by }) => by === 'amount' || by === 'equivalents')) return 'reactant';
  if (amounts.some(({ by }) => by === 'molPercent')) return 'catalyst';
  return amounts.some(({ by }) => by === 'mass') ? 'reactant' : 'solvent';
}

function entered(cell: string, unit: string): Entered | undefined {
  // A decimal comma, where nothing else than a number stands around it.
  const plain = cell.replace(/^([\d.]*\d),(\d+)(?=\s|$|[a-zµ%])/i, '$1.$2');
  const bare = /^[\d.]+(\s*[–-]\s*[\d.]+)?$/.test(plain);
  if (bare && unit === '') return undefined;
  if (!/\d/.test(plain)) return undefined;
  const read = parseEntered(bare ? `${plain} ${unit}` : plain, {
    entered: { by: 'mass', digits: '1', unit: 'g' },
    role: 'reactant',
  });
  return read.ok ? read.value : undefined;
}
