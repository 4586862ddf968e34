'use client';
import Button from 'react-bootstrap/Button';
import { none } from './lineOptions';
import { readDigits, readPercent } from '@/components/fields/readers';
import { SelectField } from '@/components/fields/SelectField';
import { TypedInput } from '@/components/fields/TypedInput';
import { useLineEdit } from './useLineEdit';
import type { ChargeLine } from '@/core/document/document';

const mostSolutes = 6;

/** What a solution is made with, and what else its bottle holds. */
export function SoluteFields({ line }: { readonly line: ChargeLine }) {
  const { plan, put, off } = useLineEdit(line.id);
  const { contains = [] } = line;
  const others = plan.doc.substances
    .filter(({ id }) => id !== line.substance)
    .map(({ id, name }) => ({ value: id, label: name }));
  const set = (next: NonNullable<ChargeLine['contains']>) =>
    put('contains', { contains: next.length > 0 ? next : undefined });
  return (
    <>
      <SelectField
        label="Dissolved in"
        disabled={off}
        value={line.solvent ?? ''}
        options={[none('water, or what its name says'), ...others]}
        onChange={(solvent) => put('solvent', { solvent: solvent || undefined })}
      />
      {contains.map((one, i) => (
        <div key={i} className="param-item">
          <SelectField
            label={`Also holds ${i + 1}`}
            disabled={off}
            value={one.substance}
            options={others}
            onChange={(substance) => set(contains.with(i, { ...one, substance }))}
          />
          <SelectField
            label="as"
            disabled={off}
            value={one.strength.by}
            options={[
              { value: 'massFraction', label: '% w/w' },
              { value: 'molarity', label: 'mol/L' },
            ]}
            onChange={(by) =>
              set(
                contains.with(i, { ...one, strength: { by: by === 'molarity' ? by : 'massFraction', digits: '1.0' } }),
              )
            }
          />
          <TypedInput
            label="strength"
            disabled={off}
            inputMode="decimal"
            shown={one.strength.digits}
            read={one.strength.by === 'molarity' ? readDigits('concentration', 'mol/L') : readPercent(0.01, 100)}
            commit={(digits) => set(contains.with(i, { ...one, strength: { ...one.strength, digits } }))}
          />
          {!off && (
            <Button
              variant="quiet"
              size="sm"
              aria-label={`Take solute ${i + 1} away`}
              onClick={() => set(contains.toSpliced(i, 1))}
            >
              ×
            </Button>
          )}
        </div>
      ))}
      {!off && others[0] && contains.length < mostSolutes && (
        <Button
          variant="quiet"
          size="sm"
          onClick={() =>
            others[0] &&
            set([...contains, { substance: others[0].value, strength: { by: 'massFraction', digits: '1.0' } }])
          }
        >
          + another solute
        </Button>
      )}
    </>
  );
}
