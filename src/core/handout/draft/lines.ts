import { changed } from '../../changed';
import { enteredOf } from './amountOf';
import { freeId } from '../../editing/freeId';
import { storable } from './storable';
import type { ChargeLine, LineRole } from '../../document/document';
import type { Making } from './making';
import type { Mention } from './mentions';

function substanceOf(making: Making, { name, reference }: Mention['substance']): string {
  const { substances } = making.doc;
  const known = substances.find(
    (one) => (reference !== undefined && one.reference === reference && alike(one.name, name)) || alike(one.name, name),
  );
  if (known) return known.id;
  const taken = reference === undefined ? undefined : making.library.take(reference);
  const id = freeId(name, substances, 'substance');
  // "Ice" is water that the bench calls so.
  const called = taken && /^Ice/.test(name) ? { ...taken.substance, name } : taken?.substance;
  making.doc = {
    ...making.doc,
    substances: [...substances, { ...(called ?? { name: storable(name, 120) || 'Substance' }), id }],
  };
  return id;
}

export const alike = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

export function lineOf(making: Making, mention: Mention, role: LineRole): ChargeLine {
  const { substance: named, amount } = mention;
  const substance = substanceOf(making, named);
  const bottle = named.reference === undefined ? undefined : making.library.take(named.reference)?.bottle;
  const strength = named.strength && {
    by: named.strength.unit === 'M' ? ('molarity' as const) : ('massFraction' as const),
    digits: named.strength.digits,
  };
  const line: ChargeLine = {
    id: freeId(named.name, making.doc.lines),
    substance,
    role,
    entered: enteredOf(amount, amount ? '' : saidBefore(making.reading.text, named.start)),
    ...bottle,
    ...(strength ? { strength } : {}),
    ...(amount?.times === undefined || amount.times === 1 ? {} : { portions: amount.times }),
    ...(amount?.unit === 'drops' || !amount ? { scaling: 'fixed' as const } : {}),
  };
  making.doc = {
    ...making.doc,
    lines: [...making.doc.lines, line],
    ...(making.doc.reference === undefined && role === 'reactant' ? { reference: line.id } : {}),
  };
  return line;
}

/** "two", "a few" or "a little" before a name. */
const saidBefore = (text: string, at: number): string =>
  /\b(an?|one|two|three|four|a few|some|a little|a pinch|a spatula tip|several)(?: of)?\s+(?:\p{L}+\s+)?$/iu.exec(
    text.slice(Math.max(0, at - 40), at),
  )?.[1] ?? '';

/** The line that a mention means: one of the list of materials, or a new one. */
export function lineFor(making: Making, mention: Mention, role: LineRole, vessel: string | undefined): string {
  const same = making.waiting.find(({ substance, entered }) => {
    const known = making.doc.substances.find(({ id }) => id === substance);
    const is =
      known &&
      (alike(known.name, mention.substance.name) ||
        (known.reference !== undefined && known.reference === mention.substance.reference));
    return is && (!mention.amount || JSON.stringify(entered) === JSON.stringify(enteredOf(mention.amount)));
  });
  const line = same ?? lineOf(making, mention, role);
  making.waiting = making.waiting.filter((one) => one !== line);
  making.doc = {
    ...making.doc,
    lines: making.doc.lines.map((one) =>
      one.id === line.id ? changed(one, { role, ...(vessel ? { vessel } : {}) }) : one,
    ),
  };
  return line.id;
}

const isAid = (making: Making, { reference }: Mention['substance']) =>
  reference === 'boiling-aids' ||
  (reference !== undefined &&
    making.library.take(reference)?.substance.formula === undefined &&
    making.library.take(reference)?.substance.form === undefined);

export function roleOf(making: Making, mention: Mention, wanted: LineRole | undefined): LineRole {
  if (wanted) return wanted;
  if (isAid(making, mention.substance)) return 'aid';
  if (mention.dissolves) return 'solvent';
  const water =
    making.doc.substances.find(({ id }) => id === substanceOf(making, mention.substance))?.reference === 'water';
  if (water) return 'solvent';
  if (mention.amount?.unit === 'drops') return 'catalyst';
  return making.worked ? 'aid' : 'reactant';
}
