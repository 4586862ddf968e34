import 'server-only';
import { Molecule } from 'openchemlib';
import { describe } from './readStructure';
import type { ReadStructure } from './readStructure';

/** One record of a file: a structure with its name, or why there is none. */
export type StructureRecord =
  | { readonly line: number; readonly ok: true; readonly name: string; readonly structure: ReadStructure }
  | { readonly line: number; readonly ok: false; readonly reason: string; readonly text: string };

const mostAtoms = 250;

/** Reads a MOL file, an SDF or a list of SMILES with names, telling them apart by content. Every record answers for itself. */
export function readStructureFile(text: string): readonly StructureRecord[] {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
  return lines.some((line) => /V[23]000\s*$|^M {2}END/.test(line)) ? readRecords(lines) : readSmilesList(lines);
}

function readSmilesList(lines: readonly string[]): readonly StructureRecord[] {
  return lines.flatMap((line, i) => {
    const [smiles = '', ...rest] = line.trim().split(/[\s,;]+/);
    if (smiles === '' || smiles.startsWith('#') || /^smiles$/i.test(smiles)) return [];
    return [read(i + 1, line, rest.join(' '), () => Molecule.fromSmiles(smiles), smiles)];
  });
}

/** Records of an SDF end with four dollars; a MOL file is a single one without. */
function readRecords(lines: readonly string[]): readonly StructureRecord[] {
  const records: StructureRecord[] = [];
  let start = 0;
  for (let i = 0; i <= lines.length; i += 1) {
    if (i < lines.length && lines[i]?.trim() !== '$$$$') continue;
    const record = lines.slice(start, i);
    if (record.some((line) => line.trim() !== '')) records.push(readRecord(record, start + 1));
    start = i + 1;
  }
  return records;
}

function readRecord(record: readonly string[], line: number): StructureRecord {
  const end = record.findIndex((one) => one.startsWith('M  END'));
  const title = record[0]?.trim() ?? '';
  const name = title || tag(record, /^>.*<(name|iupac_?name|title|common_?name)>/i);
  if (end < 0) return { line, ok: false, reason: 'the line “M  END” is missing', text: title };
  return read(line, title, name, () => Molecule.fromMolfile(record.slice(0, end + 1).join('\n')));
}

function tag(record: readonly string[], head: RegExp): string {
  const at = record.findIndex((line) => head.test(line));
  return at < 0 ? '' : (record[at + 1]?.trim() ?? '');
}

function read(line: number, text: string, name: string, parse: () => Molecule, smiles?: string): StructureRecord {
  const refuse = (reason: string): StructureRecord => ({ line, ok: false, reason, text: text.trim().slice(0, 80) });
  try {
    const molecule = parse();
    if (molecule.getAllAtoms() === 0) return refuse('no atoms in it');
    if (molecule.getAllAtoms() > mostAtoms) return refuse(`more than ${mostAtoms} atoms`);
    if (molecule.isFragment()) return refuse('a query, not a structure');
    const structure = describe(molecule, smiles);
    if (/[?*]|R\d/.test(structure.formula)) return refuse('it holds atoms that are no elements');
    return { line, ok: true, name: name.trim().slice(0, 120), structure };
  } catch (error) {
    return refuse(`cannot be read: ${reasonOf(error)}`);
  }
}

function reasonOf(error: unknown): string {
  const said = error instanceof Error ? error.message : String(error);
  return (
    said
      .replace(/^[\w$.]*:\s*/, '')
      .replace(/^SmilesParser:\s*/, '')
      .slice(0, 160) || 'unknown notation'
  );
}
