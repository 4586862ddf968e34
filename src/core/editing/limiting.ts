import { computePlan } from '../plan/plan';
import { changed } from '../changed';
import { leftOf } from '../document/reactions';
import { roundFigures } from '../quantity/decimals';
import { setReference } from './edit';
import type { ChargeLine, Entered, Preparation } from '../document/document';

/** A reactant with its amount as it is written, and the lines that bring it. */
export interface WrittenReactant {
  readonly substance: string;
  /** mol */
  readonly mol: number;
  readonly coefficient: number;
  readonly lines: readonly ChargeLine[];
}

const broughtBy = ({ lines }: Preparation, reaction: string, substance: string) =>
  lines.filter((line) => line.reaction === reaction && (line.delivers?.substance ?? line.substance) === substance);

/** The reactants of a reaction that lines bring, with their amounts as written; nothing while one of them is not known. */
export function amountAsWritten(doc: Preparation, reaction: string): readonly WrittenReactant[] | undefined {
  const found = doc.reactions.find(({ id }) => id === reaction);
  const charge = computePlan(atWritten(doc)).exact.reactions.get(reaction);
  if (!found || !charge) return undefined;
  return leftOf(found).flatMap(({ substance, coefficient }) => {
    const extent = charge.extents.reactants.find(({ id }) => id === substance)?.extent.q.value;
    return extent === undefined
      ? []
      : [{ substance, coefficient, mol: extent * coefficient, lines: broughtBy(doc, reaction, substance) }];
  });
}

const atWritten = (doc: Preparation): Preparation => ({ ...doc, pin: { at: 'factor', digits: '1' } });

// As many figures as a cut amount is written with.
const figures = 4;

/**
 * A document in which a reactant limits a reaction: its lines are cut until every other reactant is in the given excess, and the first of
 * them is what equivalents refer to. All other amounts stay what they are, those in equivalents with new numbers.
 *
 * @param excess_percent least excess of the others, above 0
 * @returns nothing where the amount cannot be cut: not known, in words, or all that there is of a stage
 */
export function withLimiting(
  doc: Preparation,
  reaction: string,
  substance: string,
  excess_percent: number,
): Preparation | undefined {
  if (!(excess_percent > 0)) throw new RangeError(`an excess is above 0 %, got ${String(excess_percent)}`);
  const all = amountAsWritten(doc, reaction);
  const one = all?.find((reactant) => reactant.substance === substance);
  if (!all || !one || one.lines.length === 0) return undefined;
  const others = all.filter((reactant) => reactant !== one);
  const least = Math.min(...others.map(({ mol, coefficient }) => mol / coefficient));
  const most = (least / (1 + excess_percent / 100)) * one.coefficient;
  const share = Math.min(1, most / one.mol);
  const rows = computePlan(atWritten(doc)).exact.rows;
  const [first] = one.lines;
  const reference = first && rows.get(first.id)?.total.amount?.q.value;
  if (!first || reference === undefined) return undefined;
  const cut = new Set(one.lines.map(({ id }) => id));
  const lines = doc.lines.map((line) => {
    const row = rows.get(line.id);
    const next = cut.has(line.id)
      ? cutTo(line, share, row?.portion.amount?.q.value)
      : line.reaction === reaction
        ? inEquivalents(line, row?.total.amount?.q.value, reference * share)
        : line.entered;
    return next && { ...line, entered: next };
  });
  if (lines.includes(undefined)) return undefined;
  const { pin } = doc;
  // What is pinned of the cut line is cut along: the rest stays as much as it is.
  const pinned =
    pin.at === 'line' && cut.has(pin.line)
      ? { ...pin, digits: roundFigures(Number(pin.digits) * share, figures) }
      : pin;
  return setReference({ ...doc, lines: lines.flatMap((line) => line ?? []), pin: pinned }, first.id);
}

function cutTo(line: ChargeLine, share: number, mol: number | undefined): Entered | undefined {
  const { entered } = line;
  switch (entered.by) {
    case 'mass':
    case 'volume':
    case 'amount': {
      const digits = share === 1 ? entered.digits : roundFigures(Number(entered.digits) * share, figures);
      return changed(entered, { digits, high: share === 1 ? entered.high : undefined });
    }
    case 'equivalents':
    case 'molPercent':
      // It cannot refer to itself.
      return mol === undefined
        ? undefined
        : { by: 'amount', digits: roundFigures(mol * 1000 * share, figures), unit: 'mmol' };
    case 'perMass':
      return share === 1 ? entered : { ...entered, digits: roundFigures(Number(entered.digits) * share, figures) };
    default:
      return share === 1 ? entered : undefined;
  }
}

/** The same amount against another reference. */
function inEquivalents(line: ChargeLine, mol: number | undefined, reference: number): Entered {
  const { entered } = line;
  if ((entered.by !== 'equivalents' && entered.by !== 'molPercent') || mol === undefined) return entered;
  const share = mol / reference;
  return { ...entered, digits: roundFigures(entered.by === 'molPercent' ? share * 100 : share, figures) };
}
