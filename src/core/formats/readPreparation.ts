import { findNodeAtLocation, parseTree, printParseErrorCode } from 'jsonc-parser';
import { ValidationError } from 'yup';
import { isStorable, tooDeepAt } from './plainText';
import { largestFile, mostFaults } from './limits';
import { judged } from './judged';
import { firstFormat, secondFormat } from './schema/earlier';
import { preparationSchema } from './schema/current';
import { upgradedPreparation, withTodaysSteps } from './upgradePreparation';
import { earlierFaults, referenceFaults } from './references';
import type { Node, ParseError } from 'jsonc-parser';
import type { DocumentFault } from './references';
import type { EarlierPreparation } from '../document/earlier';
import type { Preparation } from '../document/document';
import type { FileFault } from './limits';

export type ReadPreparation =
  { readonly ok: true; readonly doc: Preparation } | { readonly ok: false; readonly faults: readonly FileFault[] };

const deepest = 20;

/**
 * Reads a preparation from the text of a JSON file. A refusal names line and reason; nothing is repaired silently.
 *
 * @param text up to 1 000 000 characters
 */
export function readPreparation(text: string): ReadPreparation {
  if (text.length > largestFile) return refuse(1, '', `the file is larger than ${largestFile / 1e6} MB`);
  const bare = text.replace(/^\uFEFF/, '');
  const tooDeep = tooDeepAt(bare, deepest);
  if (tooDeep !== undefined) return refuse(lineAt(bare, tooDeep), '', `nested more than ${deepest} levels deep`);
  const errors: ParseError[] = [];
  const tree = parseTree(bare, errors, { disallowComments: true, allowTrailingComma: false });
  const [first] = errors;
  if (first) return refuse(lineAt(bare, first.offset), '', syntaxReason(first));
  if (tree?.type !== 'object') return refuse(1, '', 'the file must hold one JSON object');
  const tooMany = tooManyFault(tree);
  if (tooMany) return refuse(lineAt(bare, tooMany.offset), tooMany.path, tooMany.reason);
  const twice = duplicateKey(tree);
  if (twice)
    return refuse(lineAt(bare, twice.offset), String(twice.value), `the key "${String(twice.value)}" stands twice`);
  const value: unknown = JSON.parse(bare);
  if (!isStorable(value)) return refuse(1, '', 'the file holds text that cannot be stored: half a character, or a NUL');
  return validate(bare, tree, value);
}

function validate(text: string, tree: Node, value: unknown): ReadPreparation {
  const located = (path: readonly (string | number)[], reason: string): FileFault => ({
    line: lineAt(text, nearestNode(tree, path).offset),
    path: path.join('.'),
    reason,
  });
  try {
    const { doc, faults } = inItsFormat(value);
    return faults.length === 0
      ? { ok: true, doc: withTodaysSteps(doc()) }
      : { ok: false, faults: faults.map(({ path, reason }) => located(path, reason)).slice(0, mostFaults) };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    const faults = all.map((one) => located(pathOf(one.path ?? ''), reasonOf(one)));
    // One reason per place: what follows from it would only confuse.
    const firsts = faults.filter((fault, i) => faults.findIndex(({ path }) => path === fault.path) === i);
    return { ok: false, faults: firsts.sort((a, b) => a.line - b.line).slice(0, mostFaults) };
  }
}

/** Judges a document as it was written, so that a fault is named at its own place; only then it is brought to today's format. */
function inItsFormat(value: unknown): { readonly doc: () => Preparation; readonly faults: readonly DocumentFault[] } {
  const version = (value as { readonly formatVersion?: unknown }).formatVersion;
  if (version === 1 || version === 2) {
    const earlier = judged<EarlierPreparation>(version === 1 ? firstFormat : secondFormat, value, {
      abortEarly: false,
    });
    return { doc: () => upgradedPreparation(earlier), faults: earlierFaults(earlier) };
  }
  const doc = judged<Preparation>(preparationSchema, value, { abortEarly: false });
  return { doc: () => doc, faults: referenceFaults(doc) };
}

function refuse(line: number, path: string, reason: string): ReadPreparation {
  return { ok: false, faults: [{ line, path, reason }] };
}

/** Yup writes "lines[2].entered.digits"; keys with odd characters as ["…"]. */
function pathOf(path: string): readonly (string | number)[] {
  return [...path.matchAll(/\["((?:[^"\\]|\\.)*)"\]|\[(\d+)\]|([^.[\]]+)/g)].map(([, quoted, index, key]) =>
    index === undefined ? (quoted ?? key ?? '') : Number(index),
  );
}

function reasonOf(error: ValidationError): string {
  const key = error.path?.split(/[.[]/).at(-1) ?? '';
  const words: Readonly<Record<string, string>> = {
    optionality: 'is missing',
    required: 'is missing',
    nullable: 'must not be null',
    defined: 'is missing',
    typeError: `must be ${article(String(error.params?.['type'] ?? 'value'))}`,
    noUnknown: `has a key that is not part of the format: ${String(error.params?.['unknown'] ?? key)}`,
  };
  return words[error.type ?? ''] ?? error.message;
}

function article(type: string): string {
  return type === 'string'
    ? 'text in quotes'
    : `${/^[aeiou]/.test(type) ? 'an' : 'a'} ${type === 'array' ? 'list' : type}`;
}

/** The node at a path, or the innermost one that exists on the way (a missing key has none). */
function nearestNode(tree: Node, path: readonly (string | number)[]): Node {
  for (let length = path.length; length > 0; length -= 1) {
    const node = findNodeAtLocation(tree, path.slice(0, length));
    if (node) return node;
  }
  return tree;
}

function lineAt(text: string, offset: number): number {
  return text.slice(0, offset).split('\n').length;
}

function syntaxReason({ error }: ParseError): string {
  const words = printParseErrorCode(error)
    .replace(/([A-Z])/g, ' $1')
    .trim()
    .toLowerCase();
  return `not valid JSON: ${words}`;
}

/** How many entries a list at the top of a document may have: more would be judged for minutes before being refused. */
const most: Readonly<Record<string, number>> = {
  substances: 80,
  reactions: 12,
  lines: 60,
  vessels: 30,
  devices: 40,
  stages: 20,
  steps: 100,
};
const mostNodes = 60_000;

/** A list that is too long, or a file of too many parts, found by counting before anything is judged. */
function tooManyFault(
  tree: Node,
): { readonly offset: number; readonly path: string; readonly reason: string } | undefined {
  for (const { children: [key, value] = [] } of tree.children ?? []) {
    const limit = most[String(key?.value)];
    if (limit === undefined || value?.type !== 'array' || (value.children?.length ?? 0) <= limit) continue;
    return {
      offset: value.offset,
      path: String(key?.value),
      reason: `must have at most ${limit} ${String(key?.value)}`,
    };
  }
  return countNodes(tree) > mostNodes ? { offset: 0, path: '', reason: `has more than ${mostNodes} parts` } : undefined;
}

function countNodes({ children = [] }: Node): number {
  return children.reduce((sum, child) => sum + countNodes(child), 1);
}

function duplicateKey(node: Node): Node | undefined {
  const seen = new Set<unknown>();
  for (const child of node.children ?? []) {
    const key = child.type === 'property' ? child.children?.[0] : undefined;
    if (key && seen.has(key.value)) return key;
    if (key) seen.add(key.value);
    const inner = duplicateKey(child);
    if (inner) return inner;
  }
  return undefined;
}
