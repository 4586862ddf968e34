import { amountFault } from '@/core/words/amountFault';
import { parseAmount } from '@/core/quantity/parseAmount';
import { molarMass } from '@/core/compound/molarMass';
import { finding } from '@/core/finding/finding';
import { renderFinding } from '@/core/words/renderFinding';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { Dim, Typed } from '@/core/quantity/dims';
import type { RuleId } from '@/core/words/rules';

function fault(rule: RuleId, args: Readonly<Record<string, string>>): { ok: false; says: string } {
  return { ok: false, says: renderFinding(finding(rule, 'stop', {}, args)).says };
}

/** Field of an amount: a bare number takes the unit of the field. */
export function readAmount(dims: readonly Dim[], unit: string): (text: string) => FieldReading<Typed> {
  return (text) => {
    const parsed = parseAmount(text, { dims, unit });
    return parsed.ok ? { ok: true, value: parsed.typed } : { ok: false, says: amountFault(parsed, `2.50 ${unit}`) };
  };
}

/** Field of digits alone, without a unit of choice (density, concentration, factor). */
export function readDigits(dim: Dim, unit: string): (text: string) => FieldReading<string> {
  const read = readAmount([dim], unit);
  return (text) => {
    const result = read(text);
    return result.ok ? { ok: true, value: result.value.digits } : result;
  };
}

/** Field of a percentage above 0. */
export function readPercent(low: number, high: number): (text: string) => FieldReading<string> {
  return (text) => {
    const digits = text.replace('%', '').trim();
    const good = /^\d{1,3}(\.\d{1,6})?$/.test(digits) && Number(digits) >= low && Number(digits) <= high;
    return good
      ? { ok: true, value: digits }
      : fault('field.percent', { got: text, low: String(low), high: String(high) });
  };
}

/** Field of a stoichiometric coefficient. */
export function readCoefficient(text: string): FieldReading<number> {
  const good = /^\d{1,2}(\.\d{1,3})?$/.test(text.trim()) && Number(text) >= 0.01;
  return good ? { ok: true, value: Number(text) } : fault('field.coefficient', { got: text });
}

/** Field of a count of benches. */
export function readBenches(text: string): FieldReading<number> {
  const good = /^\d{1,2}$/.test(text.trim()) && Number(text) >= 1 && Number(text) <= 60;
  return good ? { ok: true, value: Number(text) } : fault('field.benches', { got: text });
}

/** Field of a formula; empty removes it. */
export function readFormula(text: string): FieldReading<string | undefined> {
  if (text.trim() === '') return { ok: true, value: undefined };
  const mass = molarMass(text);
  return mass.ok ? { ok: true, value: text.trim() } : fault('formula.bad', { name: 'Formula', why: mass.why });
}

/** Field of free text. */
export function readText(longest: number, needed: boolean): (text: string) => FieldReading<string | undefined> {
  return (text) => {
    const trimmed = text.trim();
    if (needed && trimmed === '') return { ok: false, says: 'Give it a name.' };
    if (trimmed.length > longest) return { ok: false, says: `At most ${longest} characters.` };
    return { ok: true, value: trimmed === '' ? undefined : trimmed };
  };
}
