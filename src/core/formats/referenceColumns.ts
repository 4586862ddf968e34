import { propertyKindOf, propertyIds } from '../reference/properties';
import { molarMass } from '../compound/molarMass';
import { formatDigits } from '../quantity/format';
import type { Picked, PickedSolution, PickedSubstance } from '../editing/fromReference';
import type { FieldId, ReferenceSubstance, TabulatedValue } from '../reference/substance';
import type { FieldStanding } from '../reference/confirmation';

const standing = (one: FieldStanding | undefined): string => {
  if (!one) return '';
  if (one.is === 'confirmed') return `confirmed by ${one.by}, ${one.at.slice(0, 10)}`;
  return one.is === 'cross-checked' ? `cross-checked: ${one.by}` : one.is;
};

const text = ({ digits, high }: TabulatedValue) => (high === undefined ? digits : `${digits} to ${high}`);

/** Header of the reference table: one row for each value, so that unit, source and check stand beside it. */
export const referenceHeader = ['id', 'name', 'field', 'value', 'unit', 'at °C', 'source', 'check', 'note'] as const;

type Row = readonly string[];

/** Rows of one entry; empty fields have none. */
export function referenceRows(picked: Picked): readonly Row[] {
  return picked.kind === 'substance' ? substanceRows(picked) : solutionRows(picked);
}

const rowOf =
  ({ id, name }: { readonly id: string; readonly name: string }) =>
  (field: string, value: string, unit = '', at = '', source = '', check = '', note = ''): Row => [
    id,
    name,
    field,
    value,
    unit,
    at,
    source,
    check,
    note,
  ];

function hazardRows(
  row: ReturnType<typeof rowOf>,
  { hazards }: Pick<ReferenceSubstance, 'hazards'>,
  check: string,
): readonly Row[] {
  if (!hazards) return [];
  const { signal, pictograms, statements, source } = hazards;
  return [
    row('signal word', signal, '', '', source, check),
    row('pictograms', pictograms.map((id) => `GHS${id}`).join(' ') || 'none', '', '', source, check),
    row('hazard statements', statements.join(' ') || 'none', '', '', source, check),
  ];
}

function solutionRows({ solution, standings }: PickedSolution): readonly Row[] {
  const row = rowOf(solution);
  const { solute, molarity, massPercent, density, madeFrom, method, waste, synonyms } = solution;
  const value = (field: string, id: FieldId, unit: string, one: TabulatedValue) =>
    row(
      field,
      one.digits,
      unit,
      one.at_C === undefined ? '' : String(one.at_C),
      one.source,
      standing(standings[id]),
      one.note,
    );
  return [
    ...(synonyms.length > 0 ? [row('synonyms', synonyms.join('; '))] : []),
    row('solute', solute),
    value('concentration', 'molarity', 'mol/L', molarity),
    value('mass fraction', 'massPercent', '%', massPercent),
    value('density', 'solutionDensity', 'g/mL', density),
    ...(madeFrom === undefined ? [] : [row('made from', madeFrom)]),
    row('method', method),
    ...hazardRows(row, solution, standing(standings.hazards)),
    ...(waste ? [row('waste stream', waste, '', '', '', standing(standings.waste))] : []),
  ];
}

function substanceRows({ substance, standings }: PickedSubstance): readonly Row[] {
  const row = rowOf(substance);
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
  const { antoine } = substance;
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
      return one ? [tabulated(propertyKindOf(id).label, id, propertyKindOf(id).unit, one)] : [];
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
    ...hazardRows(row, substance, standing(standings.hazards)),
    ...(substance.waste ? [row('waste stream', substance.waste, '', '', '', standing(standings.waste))] : []),
    ...(substance.notDriedWith.length > 0
      ? [row('not dried with', substance.notDriedWith.join(' '), '', '', '', standing(standings.drying))]
      : []),
    ...(substance.peroxideFormer ? [row('forms peroxides', 'yes')] : []),
    ...(substance.waterReactive ? [row('reacts with water', 'yes')] : []),
    ...(substance.caution ? [row('caution', substance.caution)] : []),
  ];
}
