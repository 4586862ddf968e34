import { balanceEquation, missingMolecules } from '../stoichiometry/balancing';
import { smallMolecules } from '../stoichiometry/smallMolecules';
import { changed } from '../changed';
import { changeReaction } from './edit';
import { freeId } from './freeId';
import { parseFormula } from '../compound/parseFormula';
import { pruned } from './pruned';
import type { Balanced, Unbalanced } from '../stoichiometry/balancing';
import type { Preparation, Substance } from '../document/document';
import type { Extent, Reaction, Term } from '../document/reaction';

/** Adds a reaction without terms. */
export function addReaction(doc: Preparation, name: string): Preparation {
  const reaction: Reaction = { id: freeId(name, doc.reactions, 'reaction'), name, terms: [], runs: [] };
  return { ...doc, reactions: [...doc.reactions, reaction] };
}

/** Removes a reaction: what went into it belongs to the work-up, and where its stages come from is open again. */
export function removeReaction(doc: Preparation, id: string): Preparation {
  return pruned({
    ...doc,
    reactions: doc.reactions.filter((one) => one.id !== id),
    lines: doc.lines.map((line) => (line.reaction === id ? changed(line, { reaction: undefined }) : line)),
    stages: doc.stages.map((stage) =>
      (stage.origin?.by === 'reaction' || stage.origin?.by === 'byProduct') && stage.origin.reaction === id
        ? changed(stage, { origin: undefined })
        : stage,
    ),
  });
}

/** A substance that a term is of: one that the preparation has, or a new one. */
export type TermOf = { readonly known: string } | { readonly added: Omit<Substance, 'id'> };

/** Writes a substance on a side of a reaction. The first one on the right is what it is for. */
export function addTerm(doc: Preparation, reaction: string, side: Term['side'], of: TermOf): Preparation {
  const standing =
    'known' in of
      ? of.known
      : doc.substances.find(({ reference }) => reference !== undefined && reference === of.added.reference)?.id;
  const id = standing ?? ('added' in of ? freeId(of.added.name, doc.substances, 'substance') : '');
  const substances =
    standing === undefined && 'added' in of ? [...doc.substances, { ...of.added, id }] : doc.substances;
  return changeReaction({ ...doc, substances }, reaction, ({ terms, product }) => {
    if (terms.some((term) => term.substance === id && term.side === side)) return {};
    return {
      terms: [...terms, { substance: id, side, coefficient: 1 }],
      ...(side === 'right' && product === undefined ? { product: id } : {}),
    };
  });
}

/** Takes a term away, and its substance where nothing else needs it. */
export function removeTerm(doc: Preparation, reaction: string, { substance, side }: Term): Preparation {
  return pruned(
    changeReaction(doc, reaction, ({ terms, product }) => {
      const left = terms.filter((term) => term.substance !== substance || term.side !== side);
      const next = left.find((term) => term.side === 'right')?.substance;
      return { terms: left, ...(side === 'right' && product === substance ? { product: next } : {}) };
    }),
  );
}

/** Moves a term along its side of the equation, to the left (below zero) or to the right. */
export function moveTerm(doc: Preparation, reaction: string, { substance, side }: Term, by: number): Preparation {
  return changeReaction(doc, reaction, ({ terms }) => {
    const along = terms.filter((term) => term.side === side);
    const from = along.findIndex((term) => term.substance === substance);
    const to = from + by;
    const [moved, other] = [along[from], along[to]];
    if (!moved || !other) return {};
    const swapped = along.with(from, other).with(to, moved);
    return { terms: [...terms.filter((term) => term.side !== side), ...swapped].sort(leftFirst) };
  });
}

const leftFirst = (a: Term, b: Term) => Number(a.side === 'right') - Number(b.side === 'right');

/** Moves a reaction up (below zero) or down among the reactions. */
export function moveReaction(doc: Preparation, id: string, by: number): Preparation {
  const from = doc.reactions.findIndex((one) => one.id === id);
  const [moved, other] = [doc.reactions[from], doc.reactions[from + by]];
  if (!moved || !other) return doc;
  return { ...doc, reactions: doc.reactions.with(from, other).with(from + by, moved) };
}

/** The members of an equation; nothing while a formula is missing. */
function membersOf({ substances }: Preparation, { terms }: Reaction): readonly Unbalanced[] | undefined {
  const members = terms.flatMap(({ substance, side }): readonly Unbalanced[] => {
    const parsed = parseFormula(substances.find(({ id }) => id === substance)?.formula ?? '');
    return parsed.ok ? [{ side, composition: parsed.value }] : [];
  });
  return members.length === terms.length && terms.length > 0 ? members : undefined;
}

/** What balancing a reaction's equation comes to; nothing while a formula is missing. */
export function balanceOf(doc: Preparation, reaction: Reaction): Balanced | undefined {
  const members = membersOf(doc, reaction);
  return members && balanceEquation(members);
}

// More is no help.
const mostOffered = 4;
const candidates = smallMolecules.flatMap(({ name, formula }) => {
  const parsed = parseFormula(formula);
  return parsed.ok ? [{ name, formula, composition: parsed.value }] : [];
});

/** Small molecules of which each alone would make a reaction's equation balance, with the side on which it is missing. */
export function offersFor(doc: Preparation, reaction: Reaction) {
  const members = membersOf(doc, reaction);
  return members && balanceEquation(members).kind === 'none'
    ? missingMolecules(members, candidates).slice(0, mostOffered)
    : [];
}

/** Writes the smallest whole coefficients into a reaction, where there is one answer. */
export function balance(doc: Preparation, id: string): Preparation {
  const reaction = doc.reactions.find((one) => one.id === id);
  const found = reaction && balanceOf(doc, reaction);
  if (found?.kind !== 'one' || found.coefficients.some((one) => one > 99)) return doc;
  return changeReaction(doc, id, ({ terms }) => ({
    terms: terms.map((term, i) => ({ ...term, coefficient: found.coefficients[i] ?? term.coefficient })),
  }));
}

/** Lets a reaction run in a step, or no more. */
export function setRun(doc: Preparation, id: string, step: string, on: boolean): Preparation {
  const order = doc.steps.map((one) => one.id);
  return changeReaction(doc, id, ({ runs }) => {
    if (runs.some((run) => run.step === step) === on) return { runs };
    const next = on ? [...runs, { step }] : runs.filter((run) => run.step !== step);
    return { runs: [...next].sort((a, b) => order.indexOf(a.step) - order.indexOf(b.step)) };
  });
}

/** Says how far a reaction goes in a step in which it runs; as far as usual where nothing is said. */
export const setExtent = (doc: Preparation, id: string, step: string, to: Extent | undefined): Preparation =>
  changeReaction(doc, id, ({ runs }) => ({
    runs: runs.map((run) => (run.step === step ? changed(run, { to }) : run)),
  }));

/** Says what a reaction is for. */
export const setProduct = (doc: Preparation, id: string, product: string): Preparation =>
  changeReaction(doc, id, () => ({ product }));
