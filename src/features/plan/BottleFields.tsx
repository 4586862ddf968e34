'use client';
import { none } from './lineOptions';
import { SelectField } from '@/components/fields/SelectField';
import { SoluteFields } from './SoluteFields';
import { TypedInput } from '@/components/fields/TypedInput';
import { readDigits, readPercent } from '@/components/fields/readers';
import { useLineEdit } from './useLineEdit';
import type { PlanLine } from '@/core/plan/planTypes';

/** What the bottle of a line holds: the pure substance, a share of it, or a solution. */
export function BottleFields({ line: { facts } }: { readonly line: PlanLine }) {
  const { line } = facts;
  const { put, off } = useLineEdit(line.id);
  const { strength, density } = line;
  return (
    <>
      <SelectField
        label="Bottle holds"
        disabled={off}
        value={strength?.by ?? ''}
        options={[
          none('the pure substance'),
          { value: 'massFraction', label: 'a share of it, % w/w' },
          { value: 'molarity', label: 'a solution, mol/L' },
        ]}
        onChange={(by) =>
          put('strength', {
            strength:
              by === 'molarity' ? { by, digits: '1.00' } : by === 'massFraction' ? { by, digits: '99' } : undefined,
          })
        }
      />
      {strength && (
        <>
          <TypedInput
            label={strength.by === 'molarity' ? 'Concentration, mol/L' : 'Mass fraction, %'}
            disabled={off}
            inputMode="decimal"
            shown={strength.digits}
            read={strength.by === 'molarity' ? readDigits('concentration', 'mol/L') : readPercent(0.01, 100)}
            commit={(digits) => put('strengthDigits', { strength: { ...strength, digits } })}
          />
          <TypedInput
            label="Density of the solution, g/mL"
            disabled={off}
            inputMode="decimal"
            shown={density?.digits ?? ''}
            read={(text) => (text.trim() === '' ? { ok: true, value: '' } : readDigits('density', 'g/mL')(text))}
            commit={(digits) =>
              put('density', {
                density:
                  digits === '' ? undefined : { source: 'entered by hand', check: 'from memory', ...density, digits },
              })
            }
          />
          <SoluteFields line={line} />
        </>
      )}
    </>
  );
}
