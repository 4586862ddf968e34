'use client';
import { SelectField } from '@/components/fields/SelectField';
import { TypedInput } from '@/components/fields/TypedInput';
import { enteredText, parseEntered } from '@/core/words/parseEntered';
import { readPercent } from '@/components/fields/readers';
import { useLineEdit } from './useLineEdit';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { Change } from '@/core/changed';
import type { ChargeLine, Entered } from '@/core/document/document';
import type { PlanLine } from '@/core/plan/planTypes';

/** How much of a line, as it is written, and in how many portions. */
export function AmountFields({ line: { facts } }: { readonly line: PlanLine }) {
  const { line } = facts;
  const { plan, put, off } = useLineEdit(line.id);
  const { entered } = line;
  return (
    <>
      <TypedInput
        label={(line.portions ?? 1) > 1 ? 'Amount of one portion' : 'Amount'}
        help={line.supply ? 'g, mL, mmol, equiv, or % of what the stage can be' : 'g, mL, mmol, equiv, mol % or mL/g'}
        disabled={off}
        shown={enteredText(entered)}
        read={(text) => parseEntered(text, { entered, role: line.role, supplied: line.supply !== undefined })}
        commit={(next) => put('entered', { entered: next })}
      />
      <TypedInput
        label="Equal portions"
        disabled={off}
        inputMode="numeric"
        shown={String(line.portions ?? 1)}
        read={readPortions}
        commit={(portions) => put('portions', { portions: portions === 1 ? undefined : portions })}
      />
      {entered.by === 'perMass' && (
        <>
          <SelectField
            label="mL per gram of"
            disabled={off}
            value={entered.of}
            options={[
              { value: 'product', label: 'the product' },
              ...plan.lines
                .filter(({ facts: other }) => other.line.id !== line.id)
                .map(({ facts: other }) => ({ value: other.line.id, label: other.substance.substance.name })),
            ]}
            onChange={(of) => put('of', ofPerMass({ of }))}
          />
          <TypedInput
            label="of which is expected, %"
            disabled={off}
            inputMode="decimal"
            shown={entered.percent ?? '100'}
            read={readPercent(1, 100)}
            commit={(percent) => put('percent', ofPerMass({ percent }))}
          />
        </>
      )}
    </>
  );
}

/** Changes an amount that is given per gram of something, as it stands by then. */
const ofPerMass =
  (change: Partial<Extract<Entered, { by: 'perMass' }>>) =>
  ({ entered }: ChargeLine): Change<ChargeLine> =>
    entered.by === 'perMass' ? { entered: { ...entered, ...change } } : {};

const readPortions = (text: string): FieldReading<number> =>
  /^([1-9]|1\d|20)$/.test(text.trim())
    ? { ok: true, value: Number(text) }
    : { ok: false, says: 'A whole number from 1 to 20.' };
