import type { Amount, Clause, NamedSubstance } from '../handout';

/** One thing that a clause brings: what, and how much in the way in which the bench measures it. */
export interface Mention {
  readonly substance: NamedSubstance;
  /** Absent where the text names no amount. */
  readonly amount?: Amount;
  /** "in 15 mL ethanol": it is what the rest is dissolved in. */
  readonly dissolves: boolean;
}

// The bench measures masses, volumes and drops; amounts of substance and equivalents follow from them.
const preference = ['g', 'mg', 'kg', 'mL', 'µL', 'L', 'drops', 'mmol', 'mol', 'equiv', 'mol %', 'mL/g', 'vol'];
const rank = ({ unit }: Amount) => (preference.includes(unit) ? preference.indexOf(unit) : preference.length);

/** What a clause brings, in the order of the text; several amounts of one thing are one mention. */
export function mentionsIn(text: string, { substances }: Clause, amounts: readonly Amount[]): readonly Mention[] {
  const found: Mention[] = [];
  for (const amount of amounts) {
    const { substance } = amount;
    if (!substance) continue;
    const at = found.findIndex((one) => one.substance.start === substance.start && near(one.amount, amount));
    const before = found[at];
    if (before?.amount) {
      if (rank(amount) < rank(before.amount)) found[at] = { ...before, amount };
    } else found.push({ substance, amount, dissolves: isIn(text, Math.min(substance.start, amount.start)) });
  }
  const bare = substances
    .filter((one) => !found.some(({ substance }) => substance.start === one.start))
    .map((substance) => ({ substance, dissolves: isIn(text, substance.start) }));
  return [...found, ...bare];
}

/** "0.755 g, 5.00 mmol" is one amount in two units; "5 mL, then 10 mL" are two. */
const near = (a: Amount | undefined, b: Amount) => a !== undefined && a.unit !== b.unit;

/** Whether "in" stands right before a place. */
const isIn = (text: string, at: number) =>
  /\bin\s+(?:(?:an?|the|dry|cold|hot|warm|boiling|absolute|anhydrous|little|more|distilled|ice-cold|of|about)\s+)*$/i.test(
    text.slice(Math.max(0, at - 30), at),
  );
