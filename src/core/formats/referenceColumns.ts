import { kindOf, propertyIds } from '../reference/properties';
import { molarMass } from '../compound/molarMass';
import { formatDigits } from '../quantity/format';
import type { PickedSubstance } from '../preparation/fromReference';
import type { FieldId } from '../reference/substance';
import type { Standing } from '../reference/confirmation';
import type { TabulatedValue } from '../reference/substance';

const standing = (one: Standing | undefined): string => {
  if (!one) return '';
  if (one.is === 'confirmed') return `confirmed by ${one.by}, ${one.at.slice(0, 10)}`;
  return one.is === 'cross-checked' ? `cross-checked: ${one.by}` : one.is;
};

const text = ({ digits, high }: TabulatedValue) => (high === undefined ? digits : `${digits} to ${high}`);

/** Header of the reference table: one row for each value, so that unit, source and check stand beside it. */
export const referenceHeader = ['id', 'name', 'field', 'value', 'unit', 'at °C', 'source', 'check', 'note'] as const;

/** Rows of one substance; empty fields have none. */
export function referenceRows({ substance, standings }: PickedSubstance): readonly (readonly string[])[] {
  const row = (field: string, value: string, unit = '', at = '', source = '', check = '', note = '') => [
    substance.id,
    substance.name,
    field,
    value,
    unit,
    at,
    source,
    check,
    note,
  ];
  const tabulated = (label: string, id: FieldId, unit: string, one: TabulatedValue) =>
    row(
      label,
      text(one),
      one.digits === 'miscible' ? '' : unit,
      one.at_C === undefined ? '' : String(one.at_C),
      one.source,
      standing(standings[id]),
      one.note,
    );
  const mass = substance.formula === undefined ? undefined : molarMass(substance.formula);
  const { hazards, antoine } = substance;
  return [
    ...(substance.synonyms.length > 0 ? [row('synonyms', substance.synonyms.join('; '))] : []),
    ...(substance.formula === undefined
      ? []
      : [row('formula', substance.formula, '', '', '', standing(standings.formula))]),
    ...(substance.smiles === undefined ? [] : [row('SMILES', substance.smiles)]),
    ...(mass?.ok
      ? [
          row(
            'molar mass',
            formatDigits(mass.value.q, 'g/mol', { decimals: 2 }),
            'g/mol',
            '',
            'IUPAC abridged atomic weights',
            'computed',
          ),
        ]
      : []),
    ...(substance.form ? [row('form at 20 °C', substance.form, '', '20', '', standing(standings.form))] : []),
    ...propertyIds.flatMap((id) => {
      const one = substance.values[id];
      return one ? [tabulated(kindOf(id).label, id, kindOf(id).unit, one)] : [];
    }),
    ...(substance.pKa ?? []).map((one) => tabulated('pKa', 'pKa', '', one)),
    ...(antoine
      ? [
          row(
            'Antoine A, B, C (log10, torr, °C)',
            `${antoine.A}; ${antoine.B}; ${antoine.C}`,
            '',
            `${antoine.low_C} to ${antoine.high_C}`,
            antoine.source,
            standing(standings.antoine),
          ),
        ]
      : []),
    ...(substance.curves ?? []).flatMap(({ solvent, points }) =>
      points.map((point) => tabulated(`solubility in ${solvent}`, 'curves', 'g/100 mL', point)),
    ),
    ...(hazards
      ? [
          row('signal word', hazards.signal, '', '', hazards.source, standing(standings.hazards)),
          row(
            'pictograms',
            hazards.pictograms.map((id) => `GHS${id}`).join(' '),
            '',
            '',
            hazards.source,
            standing(standings.hazards),
          ),
          row('hazard statements', hazards.statements.join(' '), '', '', hazards.source, standing(standings.hazards)),
        ]
      : []),
    ...(substance.waste ? [row('waste stream', substance.waste, '', '', '', standing(standings.waste))] : []),
    ...(substance.notDriedWith.length > 0
      ? [row('not dried with', substance.notDriedWith.join(' '), '', '', '', standing(standings.drying))]
      : []),
    ...(substance.peroxideFormer ? [row('forms peroxides', 'yes')] : []),
    ...(substance.waterReactive ? [row('reacts with water', 'yes')] : []),
    ...(substance.caution ? [row('caution', substance.caution)] : []),
  ];
}
