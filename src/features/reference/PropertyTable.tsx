'use client';
import { ConfirmButton } from './ConfirmButton';
import { Formula } from '@/components/Formula';
import { propertyKindOf, propertyIds } from '@/core/reference/properties';
import { molarMass } from '@/core/compound/molarMass';
import { StandingBadge } from '@/components/StandingBadge';
import { tabulatedText } from '@/core/reference/tabulatedText';
import { ValuesTable } from './ValuesTable';
import { wasteStreams } from '@/core/reference/wasteStreams';
import { WorkedNumber } from '@/components/WorkingDrawer';
import type { FieldId, ReferenceSubstance } from '@/core/reference/substance';
import type { ReactNode } from 'react';

/** Values of a substance, each with unit, mark and source. What is not known is not listed. */
export function PropertyTable({ substance }: { readonly substance: ReferenceSubstance }) {
  const { formula, form, values, pKa, antoine, waste, curves } = substance;
  const mass = formula === undefined ? undefined : molarMass(formula);
  const row = (field: FieldId, label: string, value: ReactNode, source = '', note?: string) => (
    <tr key={`${field}/${label}`}>
      <th scope="row">{label}</th>
      <td className="num">
        {value}
        {note && <small className="muted"> {note}</small>}
      </td>
      <td>
        <ConfirmButton field={field} label={label.toLowerCase()} />
      </td>
      <td className="muted">{source}</td>
    </tr>
  );
  return (
    <ValuesTable>
      {formula !== undefined && row('formula', 'Formula', <Formula text={formula} />)}
      {mass?.ok && (
        <tr>
          <th scope="row">Molar mass</th>
          <td>
            <WorkedNumber worked={mass.value} label={`Molar mass of ${substance.name}`} />
          </td>
          <td>
            <StandingBadge standing={{ is: 'computed' }} />
          </td>
          <td className="muted">IUPAC abridged atomic weights</td>
        </tr>
      )}
      {form && row('form', 'At 20\u202f°C', form)}
      {propertyIds.map((id) => {
        const value = values[id];
        return (
          value &&
          row(id, propertyKindOf(id).label, tabulatedText(value, propertyKindOf(id).unit), value.source, value.note)
        );
      })}
      {pKa?.map((value, i) =>
        row('pKa', pKa.length > 1 ? `pKa, step ${i + 1}` : 'pKa', tabulatedText(value, ''), value.source, value.note),
      )}
      {antoine &&
        row(
          'antoine',
          'Antoine constants',
          <>
            A {antoine.A}, B {antoine.B}, C {antoine.C}
          </>,
          antoine.source,
          `from ${antoine.low_C} to ${antoine.high_C}\u202f°C`,
        )}
      {curves?.map(({ solvent, points }) =>
        row(
          'curves',
          `Solubility in ${solvent}`,
          points.map((point) => tabulatedText(point, 'g/100 mL')).join('; '),
          points[0]?.source,
        ),
      )}
      {waste && row('waste', 'Waste stream', wasteStreams[waste].name, wasteStreams[waste].note)}
    </ValuesTable>
  );
}
