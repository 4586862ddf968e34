import { findOperation, operations } from '../operations/registry';
import { isDriedOver, isOfGlass, isOvernight, isPurifying, namesAgent } from '../operations/told';
import type { SaidClause, Soundings, Telling } from '../operations/told';

/** What a clause comes to. */
export interface Meaning {
  readonly operation?: string;
  readonly continues?: true;
  readonly without?: string;
  readonly confirm?: string;
}

const more: Meaning = { continues: true };

interface Candidate extends Telling {
  readonly operation: string;
}

const bySaying = new Map<string, readonly Candidate[]>();
for (const { name, told } of operations)
  for (const telling of told.by)
    bySaying.set(telling.by, [...(bySaying.get(telling.by) ?? []), { ...telling, operation: name }]);

const unknown =
  /\b(centrifug|chromatograph|irradiat|hydrogenat|electroly|freeze|lyophili|sonicat|microwave|polarimet|refractive)\w*/;

/** What is done and no operation stands for, in the words of the text. */
const lacking = ({ text }: SaidClause) => unknown.exec(text)?.[0] ?? 'this';

/** What only goes on with what was begun, whichever operation that was. */
const goesOn: Readonly<Record<string, (said: SaidClause) => boolean>> = {
  wash: ({ text }) => /\b(glassware|apparatus|hands|skin)\b/.test(text),
  dry: (said) => isOfGlass(said) && !(namesAgent(said) && !/oven|desiccator/.test(said.text)),
  add: (said) => isPurifying(said) && !isDriedOver(said),
  addDropwise: (said) => isPurifying(said) && !isDriedOver(said),
  heat: (said) => isPurifying(said) && !/\breflux/.test(said.text) && /\b(boil|dissolv|charcoal|clear)/.test(said.text),
  stand: (said) =>
    isPurifying(said) && !isOvernight(said)
      ? !/\bcool|ice|room temperature\b/.test(said.text)
      : /\b(layers?|separates?|settles?)\b/.test(said.text),
};

/** What a way of saying comes to, in what stands around it: of the operations that it could be the one that is surest. */
export function meaningOf(key: string, said: SaidClause): Meaning {
  if (key === 'without') return { without: lacking(said) };
  if (goesOn[key]?.(said)) return more;
  const best = meant(key, said);
  if (!best || best.goesOn) return more;
  return { operation: best.operation, ...(best.ask === undefined ? {} : { confirm: best.ask }) };
}

function meant(key: string, said: SaidClause): Candidate | undefined {
  return (bySaying.get(key) ?? [])
    .filter(({ when }) => when?.(said) ?? true)
    .reduce<Candidate | undefined>(
      (best, one) => (best && (best.rank ?? 0) >= (one.rank ?? 0) ? best : one),
      undefined,
    );
}

/** What is known after an operation. */
export function after(before: Soundings, name: string | undefined): Soundings {
  const operation = name === undefined ? undefined : findOperation(name);
  if (!operation) return before;
  const { told, traits } = operation;
  const purifying = told.purifying === 'begins' ? name : told.purifying === 'goesOn' ? before.purifying : undefined;
  const still = told.still === 'begins' ? name : told.still === 'ends' ? undefined : before.still;
  return {
    last: operation.name,
    holds: told.leaves ?? before.holds,
    ...(Array.isArray(traits) && traits.includes('separates') ? { parted: true } : {}),
    ...(told.grains ? { grains: true } : {}),
    ...(purifying === undefined ? {} : { purifying }),
    ...(still === undefined ? {} : { still }),
  };
}
