'use client';
import { useId } from 'react';
import { formatDigits } from '@/core/quantity/format';
import { typedNumber } from '@/components/fields/typedNumber';
import { TypedInput } from '@/components/fields/TypedInput';
import type { FieldReading } from '@/components/fields/useTypedField';

export interface DialProps {
  readonly label: string;
  /** '' for a bare number. */
  readonly unit: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  readonly change: (value: number) => void;
  readonly help?: string;
}

/** A number that can be drawn along a line or typed; what is typed may lie beyond the line's ends, within reason. */
export function Dial({ label, unit, value, low, high, step, change, help }: DialProps) {
  const id = useId();
  const decimals = Math.max(0, Math.ceil(-Math.log10(step)));
  const shown = formatDigits({ dim: 'number', value }, '', { decimals }).replace('−', '-');
  return (
    <div className="dial">
      <TypedInput
        label={`${label}${unit ? `, ${unit}` : ''}`}
        shown={shown}
        inputMode="decimal"
        read={readWithin(low, high)}
        commit={change}
        {...(help === undefined ? {} : { help })}
      />
      <input
        id={id}
        type="range"
        aria-label={`${label}, slider`}
        min={low}
        max={high}
        step={step}
        value={value}
        onChange={(event) => change(Number(event.target.value))}
      />
    </div>
  );
}

function readWithin(low: number, high: number): (text: string) => FieldReading<number> {
  return (text) => {
    const value = typedNumber(text);
    return value !== undefined && value >= low && value <= high
      ? { ok: true, value }
      : { ok: false, says: `A number from ${low} to ${high}.` };
  };
}
