import 'server-only';
import { Molecule } from 'openchemlib';
import { longestSmiles, mostFaults, mostStructures } from '@/core/formats/limits';
import { describe, mostAtoms } from './readStructure';
import type { ReadStructure } from './readStructure';

/** One record of a file: a structure with its name, or why there is none. */
export type StructureRecord =
  | { readonly line: number; readonly ok: true; readonly name: string; readonly structure: ReadStructure }
  | { readonly line: number; readonly ok: false; readonly reason: string; readonly text: string };

/** What a record says by itself, before it is read: its lengths. Reading takes time with their square. */
interface Source {
  readonly line: number;
  readonly text: string;
  readonly name: string;
  readonly length: number;
  readonly parse: () => Molecule;
  readonly smiles?: string;
  readonly fault?: string;
}

/**
 * Reads a MOL file, an SDF or a list of SMILES with names, telling them apart by content. Every record answers for itself; after
 * twenty that cannot be read, and after a thousand in all, reading stops and says so.
 */
export function readStructureFile(text: string): readonly StructureRecord[] {
  const records: StructureRecord[] = [];
  let faults = 0;
  for (const source of sourcesOf(text)) {
    const stop =
      faults >= mostFaults
        ? `${mostFaults} structures could not be read: the rest of the file was not looked at`
        : records.length >= mostStructures
          ? `a file has at most ${mostStructures} structures: the rest was not looked at`
          : undefined;
    if (stop) return [...records, { line: source.line, ok: false, reason: stop, text: '' }];
    const record = read(source);
    if (!record.ok) faults += 1;
    records.push(record);
  }
  return records;
}

function sourcesOf(text: string): readonly Source[] {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
  return lines.some((line) => /V[23]000\s*$|^M {2}END/.test(line)) ? recordsOf(lines) : smilesOf(lines);
}

function smilesOf(lines: readonly string[]): readonly Source[] {
  return lines.flatMap((line, i) => {
    const [smiles = '', ...rest] = line
      .slice(0, longestSmiles + 200)
      .trim()
      .split(/[\s,;]+/);
    if (smiles === '' || smiles.startsWith('#') || /^smiles$/i.test(smiles)) return [];
    const parse = () => Molecule.fromSmiles(smiles);
    return [{ line: i + 1, text: line, name: rest.join(' '), length: smiles.length, parse, smiles }];
  });
}

/** Records of an SDF end with four dollars; a MOL file is a single one without. */
function recordsOf(lines: readonly string[]): readonly Source[] {
  const records: Source[] = [];
  let start = 0;
  for (let i = 0; i <= lines.length; i += 1) {
    if (i < lines.length && lines[i]?.trim() !== '$$$$') continue;
    const record = lines.slice(start, i);
    if (record.some((line) => line.trim() !== '')) records.push(recordOf(record, start + 1));
    start = i + 1;
  }
  return records;
}

function recordOf(record: readonly string[], line: number): Source {
  const end = record.findIndex((one) => one.startsWith('M  END'));
  const title = record[0]?.trim() ?? '';
  const name = title || tag(record, /^>.*<(name|iupac_?name|title|common_?name)>/i);
  const fault = end < 0 ? { fault: 'the line “M  END” is missing' } : {};
  const parse = () => Molecule.fromMolfile(record.slice(0, end + 1).join('\n'));
  // A line an atom and one a bond, and some for the rest.
  const length = record.length > 4 * mostAtoms ? longestSmiles + 1 : 0;
  return { line, text: title, name, length, parse, ...fault };
}

function tag(record: readonly string[], head: RegExp): string {
  const at = record.findIndex((line) => head.test(line));
  return at < 0 ? '' : (record[at + 1]?.trim() ?? '');
}

function read({ line, text, name, length, parse, smiles, fault }: Source): StructureRecord {
  const refuse = (reason: string): StructureRecord => ({ line, ok: false, reason, text: text.trim().slice(0, 80) });
  if (fault !== undefined) return refuse(fault);
  if (length > longestSmiles) return refuse(`longer than anything made in a teaching lab`);
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
