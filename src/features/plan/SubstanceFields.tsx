'use client';
import { TypedInput } from '@/components/fields/TypedInput';
import { molarMass } from '@/core/compound/molarMass';
import { changeSubstance } from '@/core/editing/edit';
import { format } from '@/core/quantity/format';
import { readDigits, readFormula, readText } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import type { Substance } from '@/core/document/document';
import type { Change } from '@/core/changed';
import type { PlanLine } from '@/core/plan/planTypes';

/** The substance in the bottle, with the source of each literature value. */
export function SubstanceFields({ line }: { readonly line: PlanLine }) {
  const { edit, canEdit } = usePlanView();
  const { substance } = line.facts.substance;
  const { density, formula } = substance;
  const mass = formula === undefined ? undefined : molarMass(formula);
  const off = !canEdit;
  const put = (field: string, change: Change<Substance>) =>
    edit(`substance/${substance.id}/${field}`, (doc) => changeSubstance(doc, substance.id, change));
  return (
    <fieldset className="editor-part">
      <legend>What is in the bottle</legend>
      <TypedInput
        label="Name"
        disabled={off}
        shown={substance.name}
        read={readText(120, true)}
        commit={(name) => name && put('name', { name })}
      />
      <div className="editor-grid">
        <TypedInput
          label="Formula, hydrate water included"
          help={mass?.ok ? `M = ${format(mass.value.q, 'g/mol', { decimals: 2 })}` : 'such as C6H7N or CuSO4·5H2O'}
          disabled={off}
          shown={formula ?? ''}
          read={readFormula}
          commit={(text) => put('formula', { formula: text })}
        />
        <TypedInput
          label="Density, g/mL"
          help={
            density
              ? `${density.at_C === undefined ? 'temperature not given' : `at ${density.at_C}\u202f°C`}, ${density.source} (${density.check})`
              : 'of the pure liquid'
          }
          disabled={off}
          inputMode="decimal"
          shown={density?.digits ?? ''}
          read={(text) => (text.trim() === '' ? { ok: true, value: '' } : readDigits('density', 'g/mL')(text))}
          commit={(digits) =>
            put('density', {
              density: digits === '' ? undefined : { digits, source: 'entered by hand', check: 'from memory' },
            })
          }
        />
      </div>
      <TypedInput
        label="Structure, SMILES"
        disabled={off}
        shown={substance.smiles ?? ''}
        read={readText(400, false)}
        // What the structure before was made of says nothing of this one; a solution stays one in water.
        commit={(smiles) => put('smiles', { smiles, groups: substance.groups?.water ? substance.groups : undefined })}
      />
      <TypedInput
        label="Cautions"
        disabled={off}
        shown={substance.caution ?? ''}
        read={readText(400, false)}
        commit={(caution) => put('caution', { caution })}
      />
    </fieldset>
  );
}
