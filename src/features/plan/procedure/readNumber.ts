import { typedNumber } from '@/components/fields/typedNumber';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { NumberField } from '@/core/operations/declare/fields';

/** What stands over the field of a number. */
export const labelWithUnit = ({ label, unit }: Pick<NumberField, 'label' | 'unit'>): string =>
  unit ? `${label}, ${unit}` : label;

/**
 * Reads a number of a step, as its field is declared.
 *
 * @param fault why the operation refuses a value
 */
export function readNumber(
  { least, most }: NumberField,
  mayBeLeft: boolean,
  fault: (value: unknown) => string | undefined,
): (text: string) => FieldReading<number | undefined> {
  return (text) => {
    if (text.trim() === '' && mayBeLeft) return { ok: true, value: undefined };
    const value = typedNumber(text);
    const says = value === undefined ? `A number from ${least} to ${most}.` : fault(value);
    return says === undefined ? { ok: true, value } : { ok: false, says };
  };
}
