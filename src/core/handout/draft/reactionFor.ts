import { balance, balanceOf, addReaction, addTerm, offersFor, setRun } from '../../editing/reactions';
import { computePlan } from '../../plan/plan';
import { freeId } from '../../editing/freeId';
import { smallMolecules } from '../../stoichiometry/smallMolecules';
import { imbalance } from '../../stoichiometry/balance';
import { parseFormula } from '../../compound/parseFormula';
import { storable } from './storable';
import { usualRun } from '../../operations/usualRun';
import type { HandoutReading, NamedSubstance } from '../handout';
import type { Library } from './making';
import type { Reaction } from '../../document/reaction';
import type { ChargeLine, Preparation, LineRole, Substance } from '../../document/document';

/** The substance that a handout is about, by its title, with a stage of it. Without one the title stands for what is made. */
export function productOf(doc: Preparation, { clauses, text }: HandoutReading, library: Library): Preparation {
  const title = clauses.find(({ section }) => section === 'heading') ?? clauses[0];
  const [named] = title?.substances ?? [];
  const made: Pick<NamedSubstance, 'name' | 'reference'> = named ?? {
    name: (title ? text.slice(title.start, title.end) : 'Product')
      .replace(/^(the )?(preparation|synthesis|isolation) of /i, '')
      .slice(0, 60),
  };
  const taken = made.reference === undefined ? undefined : library.take(made.reference);
  const id = freeId(made.name, doc.substances, 'product');
  const name = storable(made.name, 70) || 'Product';
  const stage = {
    id: 'product',
    name: `Crude ${name.charAt(0).toLowerCase()}${name.slice(1)}`,
    substance: id,
    measure: 'mass' as const,
  };
  return { ...doc, substances: [...doc.substances, { ...(taken?.substance ?? { name }), id }], stages: [stage] };
}

const mostReactants = 4;

/** Proposes the reaction when formulas of reactants and product are known and balance, with one small molecule more if need be. */
export function withReaction(doc: Preparation): Preparation {
  const [stage] = doc.stages;
  const product = doc.substances.find(({ id }) => id === stage?.substance);
  const reactants = doc.lines.filter(({ role, substance }) => role === 'reactant' && substance !== product?.id);
  const brought = doc.lines.find(({ substance }) => substance === product?.id);
  if (!stage || !product) return doc;
  // What is brought is not made: it is won back.
  if (brought)
    return {
      ...doc,
      stages: doc.stages.map((one) => (one === stage ? { ...one, origin: { by: 'content', line: brought.id } } : one)),
    };
  const known = reactants.filter(
    ({ substance }) => doc.substances.find(({ id }) => id === substance)?.formula !== undefined,
  );
  if (product.formula === undefined || known.length === 0) return doc;
  const found = subsets(known.slice(0, mostReactants))
    .flatMap((some) => proposals(doc, some, product.id))
    .sort((a, b) => a.cost - b.cost)[0];
  return found ? made(found.doc, stage.id, found.lines) : doc;
}

/** All, then fewer: what is charged beside the reactants need not react. */
function subsets<T>(all: readonly T[]): readonly (readonly T[])[] {
  const found = Array.from({ length: 2 ** all.length - 1 }, (_, bits) =>
    all.filter((_one, i) => ((bits + 1) >> i) & 1),
  );
  return found.sort((a, b) => b.length - a.length);
}

interface Proposal {
  readonly doc: Preparation;
  readonly lines: readonly string[];
  /** The likelier the smaller. */
  readonly cost: number;
}

/** Equations of some reactants that balance, by themselves or with one or two small molecules more on the right. */
function proposals(doc: Preparation, some: readonly ChargeLine[], product: string): readonly Proposal[] {
  const begun = addReaction(doc, 'Reaction');
  const id = begun.reactions.at(-1)?.id ?? '';
  const both = some
    .map(({ delivers, substance }) => delivers?.substance ?? substance)
    .reduce((now, known) => addTerm(now, id, 'left', { known }), begun);
  const plain = addTerm(both, id, 'right', { known: product });
  const none: readonly { readonly doc: Preparation; readonly beside: readonly string[] }[] = [
    { doc: plain, beside: [] },
  ];
  const one = beside(plain, id);
  const two =
    one.length > 0
      ? []
      : usual.slice(0, mostSalts).flatMap((first) =>
          beside(withBeside(plain, id, first), id).map((found) => ({
            ...found,
            beside: [first.name, ...found.beside],
          })),
        );
  const reactionOf = (now: Preparation) => now.reactions.find((reaction) => reaction.id === id);
  return [...none, ...one, ...two].flatMap(({ doc: now, beside: names }) => {
    const reaction = reactionOf(now);
    if (!reaction) return [];
    const here = names.filter((name) => doc.substances.some((one) => isOf(one, name)));
    // What stands on both sides takes no part.
    const spectates = reaction.terms.some(
      (one) =>
        one.side === 'left' &&
        reaction.terms.some((other) => other.side === 'right' && other.substance === one.substance),
    );
    const fitted = spectates || new Set(names).size < names.length ? undefined : fittedOf(now, reaction);
    if (!fitted) return [];
    const eager = some.filter(({ substance }) => isEager(doc, substance)).length;
    const cost = names.length - here.length - 0.5 * some.length - eager;
    return [{ doc: fitted, lines: some.map((line) => line.id), cost }];
  });
}

// An equation with larger ones is arithmetic, not a reaction that is taught.
const largestCoefficient = 6;

/** The equation with the one set of coefficients that balances it, or one of each where several sets would. */
function fittedOf(doc: Preparation, reaction: Reaction): Preparation | undefined {
  const found = balanceOf(doc, reaction);
  if (found?.kind === 'one' && found.coefficients.every((one) => one <= largestCoefficient))
    return balance(doc, reaction.id);
  return isBalanced(doc, reaction) ? doc : undefined;
}

function isBalanced({ substances }: Preparation, { terms }: Reaction): boolean {
  const members = terms.flatMap(({ substance, side, coefficient }) => {
    const parsed = parseFormula(substances.find(({ id }) => id === substance)?.formula ?? '');
    return parsed.ok ? [{ side, coefficient, composition: parsed.value }] : [];
  });
  const left = members.length === terms.length ? imbalance(members) : undefined;
  return left !== undefined && Object.keys(left).length === 0;
}

/** Anhydrides and acid halides react before the acid that they come from. */
function isEager({ substances }: Preparation, id: string): boolean {
  const groups = substances.find((one) => one.id === id)?.groups;
  return (groups?.anhydride ?? 0) > 0 || (groups?.acidHalide ?? 0) > 0;
}

// Water, acids, gases and common salts come first in the list.
const mostSalts = 24;

// Hydrogen leaves no reaction of the kind that is taught with what a sheet names.
const usual = smallMolecules.filter(({ name }) => name !== 'Hydrogen');

/** With a small molecule on the right: the one that the preparation holds already, if it does. */
function withBeside(
  doc: Preparation,
  id: string,
  { name, formula }: { readonly name: string; readonly formula: string },
): Preparation {
  const held = doc.substances.find((one) => isOf(one, name));
  return addTerm(doc, id, 'right', held ? { known: held.id } : { added: { name, formula } });
}

// "Acetic acid, glacial" is acetic acid.
const isOf = ({ name }: Substance, called: string) => name === called || name.startsWith(`${called},`);

/** With each small molecule that alone makes it balance. */
function beside(
  doc: Preparation,
  id: string,
): readonly { readonly doc: Preparation; readonly beside: readonly string[] }[] {
  const reaction = doc.reactions.find((one) => one.id === id);
  if (!reaction) return [];
  const offered =
    balanceOf(doc, reaction)?.kind === 'none'
      ? offersFor(doc, reaction).flatMap(({ side, molecule }) =>
          side === 'right' && molecule.name !== 'Hydrogen' ? [molecule] : [],
        )
      : usual;
  return offered.map((molecule) => ({ doc: withBeside(doc, id, molecule), beside: [molecule.name] }));
}

function made(doc: Preparation, stage: string, lines: readonly string[]): Preparation {
  const id = doc.reactions.at(-1)?.id ?? '';
  const joined: Preparation = {
    ...doc,
    lines: doc.lines.map((line) =>
      lines.includes(line.id) || line.role === 'catalyst' ? { ...line, reaction: id } : line,
    ),
    stages: doc.stages.map((one) => (one.id === stage ? { ...one, origin: { by: 'reaction', reaction: id } } : one)),
  };
  const run = usualRun(joined, joined.lines.find(({ id: line }) => line === joined.reference)?.vessel);
  const running = run === undefined ? joined : setRun(joined, id, run, true);
  const [first = running.reference] = lines;
  const limits = first === undefined ? undefined : limitingOf({ ...running, reference: first }, id);
  if (limits === undefined) return running;
  return {
    ...running,
    reference: limits,
    lines: running.lines.map((line) => ({ ...line, role: roleIn(running, line, limits) })),
  };
}

/** What a line is once the reaction is known: what does not limit is in excess, what does not react dissolves or helps. */
function roleIn({ substances }: Preparation, { id, role, reaction, substance }: ChargeLine, limits: string): LineRole {
  if (role !== 'reactant' || id === limits) return role;
  if (reaction !== undefined) return 'reagent in excess';
  return substances.find((one) => one.id === substance)?.form === 'liquid' ? 'solvent' : 'aid';
}

/** The line of which the least is there for a reaction. */
function limitingOf(doc: Preparation, reaction: string): string | undefined {
  const substance = computePlan(doc).charge.reactions.get(reaction)?.extents.limiting.id;
  return doc.lines.find((line) => line.reaction === reaction && line.substance === substance)?.id ?? doc.reference;
}
